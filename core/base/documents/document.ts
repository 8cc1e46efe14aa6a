import { ValidationError, type AnySchema, type Schema } from 'yup';
import { cutLongLists } from '../json/cut-long-lists';
import { UNKNOWN, UNKNOWN_NAME } from './unknown';

/** Why a stored document can not be read. */
export type UnreadableReason = 'not-a-document' | 'other-format' | 'later-version' | 'broken';

/** Thrown when a stored document can not be read; the message says which, why and what to do. */
export class UnreadableDocument extends Error {
  override name = 'UnreadableDocument';
  constructor(
    readonly format: string,
    readonly reason: UnreadableReason,
    message: string,
    /** Where in the document it is broken; empty for the whole. */
    readonly path = '',
  ) {
    super(message);
  }
}

/** A document as it stands in storage or in a file, before anything is known of it. */
export type StoredObject = Record<string, unknown>;

export function isStoredObject(stored: unknown): stored is StoredObject {
  return typeof stored === 'object' && stored !== null && !Array.isArray(stored);
}

/** One kind of stored document: its name, its present version, its shape, and how each older version becomes the next. */
export interface DocumentKind<T> {
  format: string;
  version: number;
  schema: Schema<T>;
  /** `lifts[n]` makes version n + 1 out of version n. Never changed once it has landed. */
  lifts?: Readonly<Record<number, (older: StoredObject) => StoredObject>>;
  /** The version of documents that were stored before they carried a format; absent where every one carries it. */
  withoutFormat?: number;
}

/**
 * The one reader of a kind of document: checks format and version, lifts an older version step by step, and checks the
 * result by its schema, without guessing (a number sent as text is refused).
 * @throws UnreadableDocument
 */
export function documentReader<T>(kind: DocumentKind<T>): (stored: unknown) => T {
  const { format, version, schema } = kind;
  return (stored) => {
    if (!isStoredObject(stored))
      throw new UnreadableDocument(format, 'not-a-document', `This is no ${format} document.`);
    let found = stored;
    for (let at = versionOf(found, kind); at < version; at += 1) {
      const lift = kind.lifts?.[at];
      if (lift === undefined)
        throw new UnreadableDocument(
          format,
          'broken',
          `Version ${at} of ${format} can not be read.`,
          'version',
        );
      try {
        found = lift(found);
      } catch {
        throw new UnreadableDocument(
          format,
          'broken',
          `${format} of version ${at} has not the shape of that version.`,
        );
      }
    }
    found = cutLongLists(schema as AnySchema, found) as StoredObject;
    const whole = checked(schema, found, true);
    if (whole.ok) return whole.value;
    // Names of a later release are put aside, all of them at once: every pass of a sheet may have one.
    const wrong = whole.errors[0]?.type === UNKNOWN_NAME ? checked(schema, found, false) : whole;
    if (wrong.ok) return wrong.value;
    const other = wrong.errors.find(({ type }) => type !== UNKNOWN_NAME);
    if (other === undefined) {
      const known = wrong.errors.reduce<unknown>((all, { path }) => withUnknown(all, path ?? ''), found);
      return schema.validateSync(known, { strict: true });
    }
    const path = other.path ?? '';
    throw new UnreadableDocument(format, 'broken', `${format}, ${path}: ${other.message}`, path);
  };
}

type Checked<T> = { ok: true; value: T } | { ok: false; errors: ValidationError[] };

/** A document held against its schema: as it is, or the first that is wrong in it, or all. */
function checked<T>(schema: Schema<T>, found: unknown, abortEarly: boolean): Checked<T> {
  try {
    return { ok: true, value: schema.validateSync(found, { strict: true, abortEarly }) };
  } catch (error) {
    if (!ValidationError.isError(error)) throw error;
    return { ok: false, errors: error.inner.length === 0 ? [error] : error.inner };
  }
}

/** A copy with the name at a path, such as `proof[0].kind`, replaced by what stands for names that are not known. */
function withUnknown(value: unknown, path: string): unknown {
  if (path === '') return UNKNOWN;
  const [, step = '', rest = ''] = /^\[?"?([^.[\]"]+)"?\]?\.?(.*)$/s.exec(path) ?? [];
  if (Array.isArray(value))
    return value.map((part: unknown, index) => (index === Number(step) ? withUnknown(part, rest) : part));
  const parts = value as Record<string, unknown>;
  return { ...parts, [step]: withUnknown(parts[step], rest) };
}

function versionOf(found: StoredObject, { format, version, withoutFormat }: DocumentKind<unknown>): number {
  if (found.format === undefined && withoutFormat !== undefined) return withoutFormat;
  if (found.format !== format)
    throw new UnreadableDocument(
      format,
      'other-format',
      `This is “${String(found.format)}”, not ${format}.`,
      'format',
    );
  const has = found.version;
  if (typeof has !== 'number' || !Number.isInteger(has) || has < 1)
    throw new UnreadableDocument(format, 'broken', `${format} has no version.`, 'version');
  if (has > version)
    throw new UnreadableDocument(
      format,
      'later-version',
      `This is ${format} version ${has}, made by a later release; this one reads up to version ${version}. Update the program.`,
      'version',
    );
  return has;
}
