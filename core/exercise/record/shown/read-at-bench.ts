import { bad, good, type Result } from '@/core/base/errors/field-issue';
import type { Sheet } from '../../sheet/sheet';
import { liveEntries, type Entry } from '../entry/entry';
import type { EntryFields } from '../entry/entry-kind';
import type { EntryContent } from '../entry/kinds';
import { predict } from '../state/predict';
import { readEntry } from '../entry/read-entry';

/** What was typed for an entry, read against the record so far; before a lathe is chosen there is nothing but its choice. */
export function readAtBench(
  sheet: Sheet | null,
  entries: readonly Entry[],
  fields: EntryFields,
): Result<EntryContent> {
  if (fields.kind === 'lead') return good({ kind: 'lead' });
  if (sheet !== null)
    return readEntry(fields, {
      sheet,
      entries,
      standing: liveEntries(entries),
      prediction: predict(sheet, entries),
    });
  const { sheetId = '', name = '' } = fields;
  return fields.kind === 'lathe'
    ? good({ kind: 'lathe', sheetId: Number(sheetId), name })
    : bad('kind', 'conflict', 'Choose the lathe first.');
}
