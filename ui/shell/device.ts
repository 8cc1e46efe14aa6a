import { newId } from './new-id';
import { readSetting, writeSetting } from '@/ui/kit/settings';

/** The id of this browser, made once: its entries carry it with their own count. */
export function deviceId(): string {
  const known = readSetting('device');
  if (known !== null) return known;
  const made = newId();
  writeSetting('device', made);
  return made;
}

/** The next number of this browser's entries. */
export function nextSequence(): number {
  const next = Number(readSetting('sequence') ?? '0') + 1;
  writeSetting('sequence', String(next));
  return next;
}

/** The time by this device, as far as it can be one: a clock without its battery begins in another century. */
export function deviceTime(): string {
  const now = new Date();
  const year = now.getUTCFullYear();
  return (year >= 2000 && year < 2100 ? now : new Date(Date.UTC(2000, 0, 1))).toISOString();
}
