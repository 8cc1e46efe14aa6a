import type { Entry, EntryOf } from './entry';
import type { KnownKind } from './kinds';
import { once } from './once';

/** The entries of a record by their kind, found in one go: a record is asked for each kind many times. */
const byKind = once((entries): ReadonlyMap<string, readonly Entry[]> => {
  const found = new Map<string, Entry[]>();
  for (const entry of entries) {
    const { kind } = entry.content;
    const list = found.get(kind);
    if (list === undefined) found.set(kind, [entry]);
    else list.push(entry);
  }
  return found;
});

/** All entries of a kind, in the order of the record. */
export function allOf<K extends KnownKind | 'unknown'>(
  entries: readonly Entry[],
  kind: K,
): readonly (K extends KnownKind ? EntryOf<K> : Entry)[] {
  return (byKind(entries).get(kind) ?? NONE) as readonly (K extends KnownKind ? EntryOf<K> : Entry)[];
}

/** The last entry of a kind, or undefined. */
export const lastOf = <K extends KnownKind>(entries: readonly Entry[], kind: K): EntryOf<K> | undefined =>
  allOf(entries, kind).at(-1) as EntryOf<K> | undefined;

const NONE: readonly Entry[] = [];
