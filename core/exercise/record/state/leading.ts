import { isKind, liveEntries, type Entry } from '../entry/entry';
import { once } from '../entry/once';
import { kindOfEntry } from '../entry/read-stored-entry';

/** The device that leads: the last one that took the lead; null when none has, as in records made at the desk. */
export function leadingDevice(entries: readonly Entry[]): string | null {
  return liveEntries(entries).findLast(isKind('lead'))?.device ?? null;
}

/** Work that a device still held when another took over, with the lead that took over. */
const heldBack = once((entries: readonly Entry[]): readonly { entry: Entry; before: Entry }[] => {
  if (!entries.some(isKind('lead'))) return [];
  const standing = new Set(liveEntries(entries));
  const lostTo = new Map<string, Entry>();
  let leads: string | null = null;
  const held: { entry: Entry; before: Entry }[] = [];
  for (const entry of entries) {
    const { device } = entry;
    if (isKind('lead')(entry) && standing.has(entry)) {
      if (leads !== null && leads !== device) lostTo.set(leads, entry);
      leads = device;
      if (device !== null) lostTo.delete(device);
    }
    const before = device === null || leads === null ? undefined : lostTo.get(device);
    if (before !== undefined && kindOfEntry(entry)?.ofWork === true && standing.has(entry))
      held.push({ entry, before });
  }
  return held;
});

/**
 * What a device still held when another took over, and sent afterwards: it was done, so it counts; but whoever took over
 * did not know of it. Each stays flagged until a person has looked it over, or struck it out.
 */
export function notLookedOver(entries: readonly Entry[]): Entry[] {
  if (heldBack(entries).length === 0) return [];
  const looked = new Set(entries.filter(isKind('looked-over')).map(({ content }) => content.entryId));
  return heldBack(entries).flatMap(({ entry }) => (looked.has(entry.id) ? [] : [entry]));
}

/**
 * All that was recorded, in the order in which it was done: what a device still held came before another took over, and
 * where the dial stands now follows the device that leads.
 */
export function orderOfWork(entries: readonly Entry[]): readonly Entry[] {
  const held = heldBack(entries);
  if (held.length === 0) return entries;
  const late = new Set(held.map(({ entry }) => entry));
  return entries.flatMap((entry) =>
    late.has(entry)
      ? []
      : [...held.filter(({ before }) => before === entry).map(({ entry: came }) => came), entry],
  );
}

/** The same of what stands. */
export const inOrderOfWork = once((entries: readonly Entry[]): readonly Entry[] =>
  liveEntries(orderOfWork(entries)),
);
