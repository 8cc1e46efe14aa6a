import { nonsenseIn } from '@/core/base/documents/nonsense';
import type { FieldIssue, Result } from '@/core/base/errors/field-issue';
import type { LengthUnit } from '@/core/base/units/length';
import { BOOKS, type BookDocument, type BookKind } from './book';
import { bookFieldText, readBookField } from './book-field';

/** A record as typed, by the names of its fields. */
export type BookForm = Record<string, string>;

/** An empty form of a kind. */
export const emptyBookForm = (kind: BookKind): BookForm =>
  Object.fromEntries(BOOKS[kind].fields.map(({ name }) => [name, '']));

/** The form of a record that is known already. */
export const bookFormOf = (kind: BookKind, document: BookDocument): BookForm =>
  Object.fromEntries(BOOKS[kind].fields.map(({ name }) => [name, bookFieldText(document[name])]));

/** Reads a record as typed; every issue names its field. A length without a unit is in millimetres. */
export function readBookForm(kind: BookKind, form: BookForm): Result<BookDocument> {
  const { fields, format, version } = BOOKS[kind];
  const issues: FieldIssue[] = [];
  const values: Record<string, unknown> = {};
  for (const field of fields) {
    const read = readBookField(field, form[field.name] ?? '', 'mm');
    if (read.ok) values[field.name] = read.value;
    else issues.push(...read.issues);
  }
  const reversed = RANGES.find(([from, to]) => over(values[from], values[to]));
  if (reversed !== undefined)
    issues.push({
      field: reversed[1],
      code: 'conflict',
      message: 'The range runs from the smaller to the larger.',
    });
  if (
    typeof values.calibrated === 'string' &&
    typeof values.due === 'string' &&
    values.due < values.calibrated
  )
    issues.push({ field: 'due', code: 'conflict', message: 'It is due after it was calibrated.' });
  const document = { format, version, ...values } as BookDocument;
  const all = issues.length > 0 ? issues : nonsenseIn(document);
  return all.length > 0 ? { ok: false, issues: all } : { ok: true, value: document };
}

const RANGES = [['least', 'most']] as const;

function over(from: unknown, to: unknown): boolean {
  const mm = (length: unknown) => {
    const { value, unit } = length as { value: number; unit: LengthUnit };
    return unit === 'in' ? value * 25.4 : value;
  };
  return from != null && to != null && mm(from) > mm(to);
}
