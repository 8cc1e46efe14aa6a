/**
 * A page can be seen, typed into and sent off before its scripts have come: on a slow network, a slow machine. What was
 * typed then stands in the field, and the program never heard of it: the switch says inch, the lengths say mm. What was
 * sent off goes where the browser sends it by itself: a password into the address. So a few lines that come with the page
 * keep what is typed and hold what is sent, and the program is told as soon as it listens.
 */

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;

interface Early {
  /** What a field held when its user last touched it: a form may have put its own value back since. */
  fields: Map<Field, string | boolean>;
  /** Forms that were sent off, and by which button. */
  forms: Map<HTMLFormElement, HTMLElement | null>;
  stop: () => void;
}

declare global {
  interface Window {
    earlyInput?: Early;
  }
}

/** Runs as text within the page, before all else: it may use nothing from outside of itself. */
export function watchEarlyInput(): void {
  const fields: Early['fields'] = new Map();
  const forms: Early['forms'] = new Map();
  const canBeTicked = (field: Element) => field.matches('input[type=checkbox], input[type=radio]');
  const note = (event: Event) => {
    const target = event.target as HTMLInputElement;
    if (event.type === 'click' && !canBeTicked(target)) return;
    // Hold the event back until the whole page listens, so that no handler gets it twice.
    event.stopImmediatePropagation();
    if (event.type === 'submit') {
      event.preventDefault();
      forms.set(event.target as HTMLFormElement, (event as SubmitEvent).submitter);
    } else if (event.type !== 'click') {
      fields.set(target, canBeTicked(target) ? target.checked : target.value);
    }
  };
  const events = ['click', 'input', 'change', 'submit'];
  for (const event of events) window.addEventListener(event, note, true);
  window.earlyInput = {
    fields,
    forms,
    stop() {
      for (const event of events) window.removeEventListener(event, note, true);
    },
  };
}

/** Tells the page, which listens now, what was typed and sent off before. Once; later there is nothing to tell. */
export function tellEarlyInput(): void {
  const early = window.earlyInput;
  if (early === undefined) return;
  early.stop();
  delete window.earlyInput;
  for (const [field, held] of early.fields) if (field.isConnected) tell(field, held);
  // When what was typed has been taken in.
  setTimeout(() => {
    for (const [form, button] of early.forms) if (form.isConnected) form.requestSubmit(button);
  });
}

function tell(field: Field, held: string | boolean): void {
  if (typeof held === 'boolean') {
    (field as HTMLInputElement).checked = !held;
    field.click();
    return;
  }
  if (field.type === 'file') {
    field.dispatchEvent(new Event('change', { bubbles: true }));
    return;
  }
  const chosen = field instanceof HTMLSelectElement;
  // React hears of a text only where it differs from the one it knows of. That one is set through the field itself, the
  // typed one past React's own property.
  if (!chosen) field.value = field.defaultValue;
  Object.getOwnPropertyDescriptor(Object.getPrototypeOf(field), 'value')?.set?.call(field, held);
  field.dispatchEvent(new Event(chosen ? 'change' : 'input', { bubbles: true }));
}
