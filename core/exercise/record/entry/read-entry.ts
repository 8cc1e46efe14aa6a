import { bad, type Result } from '@/core/base/errors/field-issue';
import type { EntryFields, ReadingContext } from './entry-kind';
import type { EntryContent } from './kinds';
import { kindNamed } from './read-stored-entry';

/**
 * On the device: reads what was typed for an entry against the sheet and the record so far. What is merely wrong for the
 * work (out of tolerance, over-cut, a reversed compound) is recorded as it is; only what can not be meant is refused.
 */
export function readEntry(fields: EntryFields, context: ReadingContext): Result<EntryContent> {
  const kind = kindNamed(fields.kind ?? '');
  if (kind === null) return bad('kind', 'unreadable', 'There is no such kind of entry.');
  return kind.read(fields, context) as Result<EntryContent>;
}
