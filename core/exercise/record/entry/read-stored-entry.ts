import { ValidationError } from 'yup';
import { isStoredObject, UnreadableDocument, type StoredObject } from '@/core/base/documents/document';
import { UNKNOWN_NAME } from '@/core/base/documents/unknown';
import type { Entry, UnknownContent } from './entry';
import type { EntryKind } from './entry-kind';
import { ENTRY_KINDS, type EntryContent, type KnownKind } from './kinds';

export type AnyKind = EntryKind<string, { kind: string }>;

/**
 * The one reader of the content of an entry: older formats are lifted. What a later release has written is kept under
 * its name and changes nothing: a kind, a format, or a name in it (an event, an answer) that is not known here.
 * Content of a known kind and format that does not fit is an error: the record was changed outside.
 * @throws UnreadableDocument
 */
export function readStoredEntry(format: number, stored: unknown): EntryContent | UnknownContent {
  const found: StoredObject = isStoredObject(stored) ? stored : {};
  const named = typeof found.kind === 'string' ? found.kind : '';
  const kind = kindNamed(named);
  if (kind === null || format > kind.format) return { kind: 'unknown', named, format, name: null };
  try {
    return kind.schema.validateSync(lifted(kind, format, found), { strict: true }) as EntryContent;
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    if (error.type === UNKNOWN_NAME)
      return { kind: 'unknown', named, format, name: String(error.params?.value) };
    throw broken(error.message, error.path);
  }
}

/** The content of an older format as the present one says it. Each step has its lift; a missing one is an error by name. */
function lifted(kind: AnyKind, format: number, content: StoredObject): StoredObject {
  let found = content;
  for (let at = format; at < kind.format; at += 1) {
    const lift = kind.lifts?.[at];
    if (lift === undefined) throw broken(`Entry “${kind.kind}” of format ${at} can not be read.`, 'format');
    try {
      found = lift(found);
    } catch {
      throw broken(`Entry “${kind.kind}” of format ${at} has not the shape of that format.`, '');
    }
  }
  return found;
}

const broken = (message: string, path = '') =>
  new UnreadableDocument('oyakata-entry', 'broken', message, path);

/** The kind of an entry; null when this release does not understand it. */
export const kindOfEntry = ({ content }: Entry): AnyKind | null => kindNamed(content.kind);

/** The earliest format of a kind that can still be read. */
export function oldestFormat({ format, lifts }: AnyKind): number {
  let oldest = format;
  while (lifts?.[oldest - 1] !== undefined) oldest -= 1;
  return oldest;
}

/** The kind of a name, or null when this release does not know it. */
export function kindNamed(named: string): AnyKind | null {
  return Object.hasOwn(ENTRY_KINDS, named) ? (ENTRY_KINDS[named as KnownKind] as unknown as AnyKind) : null;
}
