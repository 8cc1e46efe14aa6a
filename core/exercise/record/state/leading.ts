import { isKind, liveEntries, type Entry } from '../entry/entry';
import { kindOfEntry } from '../entry/read-stored-entry';

/** The device that leads: the last one that took the lead; null when none has, as in records made at the desk. */
export function leadingDevice(entries: readonly Entry[]): string | null {
  return liveEntries(entries).findLast(isKind('lead'))?.device ?? null;
}

/**
 * What a device still held when another took over, and sent afterwards: it was done, so it counts; but whoever took over
 * did not know of it. Each stays flagged until a person has looked it over, or struck it out.
 */
export function notLookedOver(entries: readonly Entry[]): Entry[] {
  const looked = new Set(entries.filter(isKind('looked-over')).map(({ content }) => content.entryId));
  const standing = new Set(liveEntries(entries));
  const led = new Set<string>();
  let leads: string | null = null;
  return entries.filter((entry) => {
    if (isKind('lead')(entry) && standing.has(entry)) {
      leads = entry.device;
      if (leads !== null) led.add(leads);
    }
    const { device } = entry;
    const fromBefore = device !== null && leads !== null && device !== leads && led.has(device);
    return fromBefore && kindOfEntry(entry)?.ofWork === true && standing.has(entry) && !looked.has(entry.id);
  });
}
