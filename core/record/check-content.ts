import { ValidationError } from 'yup';
import { bad, good, type Result } from '../errors/field-issue';
import type { EntryContent } from './kinds';
import { kindNamed } from './read-stored-entry';

/** What the server asks of an entry's content: a kind and format that it knows, and the shape of that kind. No more. */
export function checkContent(format: number, sent: Readonly<Record<string, unknown>>): Result<EntryContent> {
  const named = String(sent.kind);
  const kind = kindNamed(named);
  if (kind === null || format !== kind.format) {
    const says =
      kind === null
        ? `This release knows no entry of the kind “${named}”.`
        : `This page is of another release (“${named}” ${format}). Reload it; what is typed is kept.`;
    return bad('content.kind', 'unsupported', says);
  }
  try {
    return good(kind.schema.validateSync(sent, { strict: true }) as EntryContent);
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    return bad(`content.${error.path ?? ''}`, 'unreadable', error.message);
  }
}
