/**
 * How many entries this browser holds unsent, noted in a second place: a cookie stays where a browser clears its stores
 * for room. When the store begins anew and the cookie says that there was something in it, that is said.
 */
const NAME = 'oyakata-held';
const DAYS = 60;

interface Noted {
  device: string;
  held: number;
  /** Gone before, and not yet seen by a person. */
  missing: number;
}

function noted(): Noted | null {
  const [, device = '', held, missing] =
    new RegExp(`(?:^|; )${NAME}=([0-9a-f-]{36})\\.(\\d+)\\.(\\d+)`).exec(document.cookie) ?? [];
  return held === undefined ? null : { device, held: Number(held), missing: Number(missing) };
}

function note({ device, held, missing }: Noted): void {
  const text = `${device}.${held}.${missing}`;
  document.cookie = `${NAME}=${text}; path=/; max-age=${DAYS * 86_400}; samesite=strict`;
}

/** The store of this browser is here, with this device's id: another one before it was cleared with what it held. */
export function notePresent(device: string): void {
  const before = noted();
  if (before === null) note({ device, held: 0, missing: 0 });
  else if (before.device !== device) note({ device, held: 0, missing: before.missing + before.held });
}

export function noteHeld(device: string, held: number): void {
  notePresent(device);
  note({ device, held, missing: noted()?.missing ?? 0 });
}

/** The server has been told of more than was ever sent. */
export function noteMissing(count: number): void {
  const before = noted();
  if (before !== null) note({ ...before, missing: Math.max(before.missing, count) });
}

export const missingHere = (): number => noted()?.missing ?? 0;

/** Somebody has read it. */
export function missingSeen(): void {
  const before = noted();
  if (before !== null) note({ ...before, missing: 0 });
}
