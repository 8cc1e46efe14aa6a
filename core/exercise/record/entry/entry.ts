import { once } from './once';
import type { Role } from '@/core/people/role';
import type { EntryContent, KnownKind } from './kinds';

export type { Role };

/** An entry that this release does not understand: kept, shown as such, changes nothing, and blocks the mark. */
export interface UnknownContent {
  kind: 'unknown';
  /** Its kind, as it is named in the record. */
  named: string;
  format: number;
  /** The name in it that is not known, such as an event; null: its kind or its format is not. */
  name: string | null;
}

/** One line of the append-only record: what, by whom, when on the device and when on the server. */
export interface Entry {
  /** Made by the client, so that sending it again is harmless. */
  id: string;
  /** The device and its own count of entries; null in entries of format 1. */
  device: string | null;
  sequence: number | null;
  /** The last entry that the device had seen. */
  after: string | null;
  /** Who, and in which role then. */
  author: { id: number; name: string; role: Role };
  deviceTime: string;
  serverTime: string;
  /** Came after the hand-in or the mark: it stays in the record and changes no mark. */
  late: boolean;
  content: EntryContent | UnknownContent;
}

/** An entry whose content is known to be of one kind. */
export type EntryOf<K extends KnownKind> = Entry & { content: Extract<EntryContent, { kind: K }> };

export function isKind<K extends KnownKind>(kind: K): (entry: Entry) => entry is EntryOf<K> {
  return (entry): entry is EntryOf<K> => entry.content.kind === kind;
}

/** The entries that were not struck out and are not late, in the order of the record, without the strike-outs themselves. */
export const liveEntries: (entries: readonly Entry[]) => readonly Entry[] = once(
  (entries: readonly Entry[]) => {
    const struck = new Set<string>();
    for (const { content, late } of entries)
      if (content.kind === 'strike' && !late) struck.add(content.entryId);
    return entries.filter(
      (entry) =>
        entry.content.kind !== 'strike' &&
        !entry.late &&
        (struck.size === 0 || !struck.has(entry.id)) &&
        !saysNothing(entry),
    );
  },
);

/** A measurement without any reading: earlier releases took it, no size follows from it. */
const saysNothing = ({ content }: Entry) =>
  content.kind === 'measurement' && Object.values(content.overWires).every((reading) => reading === null);

/** The strike-out of an entry, or null when it stands. */
export function strikeOf(entries: readonly Entry[], entryId: string): EntryOf<'strike'> | null {
  return entries.filter(isKind('strike')).find((entry) => entry.content.entryId === entryId) ?? null;
}
