/**
 * A page can be seen, typed into and chosen from before its scripts have come: on a slow network, a slow machine. What
 * was typed then stands in the field, and the program never heard of it: the switch says inch, the lengths say mm. So a
 * few lines that come with the page itself keep what is typed, and the program is told as soon as it listens.
 */

type Field = HTMLInputElement | HTMLTextAreaElement | HTMLSelectElement;
/** What a field held when its user last touched it: a form may have put its own value back since. */
type Early = Map<Field, string | boolean>;

declare global {
  interface Window {
    earlyInput?: { fields: Early; stop: () => void };
  }
}

/** Runs as text within the page, before all else: it may use nothing from outside of itself. */
export function watchEarlyInput(): void {
  const fields: Early = new Map();
  const note = ({ target }: Event) => {
    const field = target as HTMLInputElement;
    const ticked = field.type === 'checkbox' || field.type === 'radio';
    fields.set(field, ticked ? field.checked : field.value);
  };
  const events = ['input', 'change'];
  for (const event of events) document.addEventListener(event, note, true);
  window.earlyInput = {
    fields,
    stop() {
      for (const event of events) document.removeEventListener(event, note, true);
    },
  };
}

/** Tells the fields of the page, which listen now, what was typed before. Once; later there is nothing to tell. */
export function tellEarlyInput(): void {
  const early = window.earlyInput;
  if (early === undefined) return;
  early.stop();
  delete window.earlyInput;
  for (const [field, held] of early.fields) if (field.isConnected) tell(field, held);
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
