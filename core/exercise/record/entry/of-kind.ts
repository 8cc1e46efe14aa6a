import type { Entry, EntryOf } from './entry';
import type { KnownKind } from './kinds';
import { once } from './once';

type OfKind<K> = K extends KnownKind ? EntryOf<K> : Entry;

/** Entries of a kind, and the place of each in the list that it is of. */
export interface Placed<E> {
  entries: readonly E[];
  places: readonly number[];
}

/** The entries of a record by their kind, found in one go: a record is asked for each kind many times. */
const byKind = once((entries: readonly Entry[]) => {
  const found = new Map<string, { entries: Entry[]; places: number[] }>();
  let place = 0;
  for (const entry of entries) {
    const { kind } = entry.content;
    let list = found.get(kind);
    if (list === undefined) found.set(kind, (list = { entries: [], places: [] }));
    list.entries.push(entry);
    list.places.push(place);
    place += 1;
  }
  return found;
});

const NONE: Placed<Entry> = { entries: [], places: [] };

/** All entries of a kind with their places, in the order of the record. */
export const placedOf = <K extends KnownKind | 'unknown'>(
  entries: readonly Entry[],
  kind: K,
): Placed<OfKind<K>> => (byKind(entries).get(kind) ?? NONE) as Placed<OfKind<K>>;

/** All entries of a kind, in the order of the record. */
export const allOf = <K extends KnownKind | 'unknown'>(
  entries: readonly Entry[],
  kind: K,
): readonly OfKind<K>[] => placedOf(entries, kind).entries;

/** The last entry of a kind, or undefined. */
export const lastOf = <K extends KnownKind>(entries: readonly Entry[], kind: K): EntryOf<K> | undefined =>
  allOf(entries, kind).at(-1) as EntryOf<K> | undefined;

/** The place of the last entry of a kind; -1 where there is none. */
export const lastPlaceOf = (entries: readonly Entry[], kind: KnownKind): number =>
  placedOf(entries, kind).places.at(-1) ?? -1;
