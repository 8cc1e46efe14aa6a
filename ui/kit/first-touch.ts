const waiting: (() => void)[] = [];
let touched = false;

function run() {
  touched = true;
  for (const each of waiting.splice(0)) each();
}

if (typeof window !== 'undefined')
  for (const kind of ['pointerdown', 'keydown'] as const)
    window.addEventListener(kind, run, { once: true, capture: true });

/** Does something once the page is touched, by hand or by key: what may be wanted next need not weigh on its opening. */
export function atFirstTouch(what: () => void): void {
  if (touched) what();
  else waiting.push(what);
}
