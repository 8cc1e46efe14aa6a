import type { Length } from '../units';

export type Role = 'instructor' | 'student';

/** Places along the thread at which it is measured over wires. */
export const PLACES = ['start', 'middle', 'end'] as const;
export type Place = (typeof PLACES)[number];

/** What was recorded. Lengths are in the thread's unit; dial readings in the dial's. */
export type EntryContent =
  | { kind: 'step'; stepId: string; value: number | null }
  | { kind: 'sign-off'; stepId: string }
  | { kind: 'pass'; plannedPass: number; reading: number; asPlanned: boolean }
  | {
      kind: 'measurement';
      purpose: 'mid' | 'final';
      wire: Length;
      overWires: Record<Place, number | null>;
      /** Major diameter, or the minor one of an internal thread. */
      crest: number | null;
    }
  | { kind: 'note'; text: string }
  | { kind: 'strike'; entryId: string; reason: string }
  | { kind: 'hand-in' };

/** One line of the append-only record: what, by whom, when on the device and when on the server. */
export interface Entry {
  /** Made by the client, so that sending it again is harmless. */
  id: string;
  author: { id: number; name: string; role: Role };
  deviceTime: string;
  serverTime: string;
  content: EntryContent;
}

export type MeasurementContent = Extract<EntryContent, { kind: 'measurement' }>;
export type PassContent = Extract<EntryContent, { kind: 'pass' }>;

/** An entry whose content is known to be of one kind. */
export type EntryOf<K extends EntryContent['kind']> = Entry & { content: Extract<EntryContent, { kind: K }> };

export function isKind<K extends EntryContent['kind']>(kind: K): (entry: Entry) => entry is EntryOf<K> {
  return (entry): entry is EntryOf<K> => entry.content.kind === kind;
}

/** The entries that were not struck out, in the order of the record, without the strike-outs themselves. */
export function liveEntries(entries: readonly Entry[]): Entry[] {
  const struck = new Set(entries.filter(isKind('strike')).map((entry) => entry.content.entryId));
  return entries.filter((entry) => entry.content.kind !== 'strike' && !struck.has(entry.id));
}

/** The strike-out of an entry, or null when it stands. */
export function strikeOf(entries: readonly Entry[], entryId: string): EntryOf<'strike'> | null {
  return entries.filter(isKind('strike')).find((entry) => entry.content.entryId === entryId) ?? null;
}
