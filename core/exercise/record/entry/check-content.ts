import { nonsenseIn } from '@/core/base/documents/nonsense';
import { UnreadableDocument } from '@/core/base/documents/document';
import type { FieldIssue } from '@/core/base/errors/field-issue';
import type { Sheet } from '../../sheet/sheet';
import type { EntryContent } from './kinds';
import { kindNamed, oldestFormat, readStoredEntry } from './read-stored-entry';

/** What comes of the content of an entry that is sent. */
export type CheckedContent =
  | { how: 'fits'; content: EntryContent }
  /** Of a later release: not understood yet, and no fault of whoever sent it. */
  | { how: 'later'; what: string }
  | { how: 'refused'; issues: FieldIssue[] };

/**
 * What the server asks of an entry's content, in whichever format it was made: the shape of its kind, and what its fields
 * can not say together. Whether it should come now was the device's to ask.
 * @param sheet the sheet of the attempt; null as long as no lathe is chosen
 */
export function checkContent(
  format: number,
  sent: Readonly<Record<string, unknown>>,
  sheet: Sheet | null,
): CheckedContent {
  const kind = kindNamed(String(sent.kind));
  if (kind !== null && format < oldestFormat(kind))
    return refused({
      field: 'format',
      code: 'unsupported',
      message: `“${kind.kind}” begins with format ${oldestFormat(kind)}.`,
    });
  try {
    const content = readStoredEntry(format, sent);
    if (content.kind === 'unknown') {
      const { named, name } = content;
      return { how: 'later', what: name === null ? `“${named}” ${format}` : `“${name}” of “${named}”` };
    }
    const issue = nonsenseIn(content)[0] ?? kind?.refuses?.(content, sheet) ?? null;
    return issue === null ? { how: 'fits', content } : refused({ ...issue, field: `content.${issue.field}` });
  } catch (error) {
    if (!(error instanceof UnreadableDocument)) throw error;
    return refused({ field: `content.${error.path}`, code: 'unreadable', message: error.message });
  }
}

const refused = (issue: FieldIssue): CheckedContent => ({ how: 'refused', issues: [issue] });
