import { ValidationError } from 'yup';
import { UnreadableDocument, type StoredObject } from '../documents';
import type { UnknownContent } from './entry';
import type { EntryKind } from './entry-kind';
import { ENTRY_KINDS, type EntryContent, type KnownKind } from './kinds';

type AnyKind = EntryKind<string, { kind: string }>;

/**
 * The one reader of the content of an entry: older formats are lifted, and what a later release has written is kept
 * under its name. Content of a known kind and format that does not fit is an error: the record was changed outside.
 * @throws UnreadableDocument
 */
export function readStoredEntry(format: number, stored: unknown): EntryContent | UnknownContent {
  const found = (typeof stored === 'object' && stored !== null ? stored : {}) as StoredObject;
  const named = typeof found.kind === 'string' ? found.kind : '';
  const kind = kindNamed(named);
  if (kind === null || format > kind.format) return { kind: 'unknown', named, format };
  let content = found;
  for (let at = format; at < kind.format; at += 1) content = kind.lifts?.[at]?.(content) ?? content;
  try {
    return kind.schema.validateSync(content, { strict: true }) as EntryContent;
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    throw new UnreadableDocument(
      'oyakata-entry',
      'broken',
      `Entry “${named}”, ${error.path}: ${error.message}`,
      error.path,
    );
  }
}

/** The kind of a name, or null when this release does not know it. */
export function kindNamed(named: string): AnyKind | null {
  return Object.hasOwn(ENTRY_KINDS, named) ? (ENTRY_KINDS[named as KnownKind] as unknown as AnyKind) : null;
}
