import type { Sheet } from '../../sheet/sheet';
import { strikeOf, type Entry } from '../entry/entry';
import { entryWords } from '../entry/entry-words';

/** One entry of the record as it is read. */
export interface RecordLine {
  id: string;
  title: string;
  detail: string;
  author: { id: number; name: string };
  at: string;
  late: boolean;
  /** Who struck it out and why; null while it stands. */
  struck: { by: string; reason: string } | null;
}

/** The record, newest first; what was struck out stays readable. */
export function recordLines(sheet: Sheet | null, entries: readonly Entry[]): RecordLine[] {
  return entries
    .filter(({ content }) => content.kind !== 'strike')
    .toReversed()
    .map((entry) => {
      const strike = strikeOf(entries, entry.id);
      return {
        id: entry.id,
        ...entryWords(entry, sheet),
        author: { id: entry.author.id, name: entry.author.name },
        at: entry.deviceTime,
        late: entry.late,
        struck: strike === null ? null : { by: strike.author.name, reason: strike.content.reason },
      };
    });
}
