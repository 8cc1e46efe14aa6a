import { bad, good, type FieldIssue, type Result } from '@/core/base/errors/field-issue';
import { BOOKS, type BookDocument, type BookKind } from './book';
import { bookFormOf, readBookForm } from './read-book-form';

/** Most rows that are taken from a file at once. */
export const MOST_ROWS = 500;

/** Records as rows under the names of their fields; what a CSV file holds. */
export function bookRows(kind: BookKind, documents: readonly BookDocument[]): string[][] {
  const names = BOOKS[kind].fields.map(({ name }) => name);
  return [
    names,
    ...documents.map((document) => {
      const form = bookFormOf(kind, document);
      return names.map((name) => form[name] ?? '');
    }),
  ];
}

/** Rows of a file as records: the first names the fields, or the labels on screen. All of them, or the rows that are wrong. */
export function readBookRows(kind: BookKind, rows: readonly (readonly string[])[]): Result<BookDocument[]> {
  const [head = [], ...lines] = rows;
  const { fields, one } = BOOKS[kind];
  const names = head.map((cell) => {
    const said = cell.trim().toLowerCase();
    return (
      fields.find(({ name, label }) => name.toLowerCase() === said || label.toLowerCase() === said)?.name ??
      null
    );
  });
  const unknown = names.findIndex((name) => name === null);
  if (unknown >= 0)
    return bad(
      'row 1',
      'unreadable',
      `Row 1: a ${one} has no “${head[unknown]}”. Its columns are ${fields.map(({ name }) => name).join(', ')}.`,
    );
  if (!names.includes('name')) return bad('row 1', 'required', 'Row 1: the column “name” is missing.');
  if (lines.length > MOST_ROWS) return bad('rows', 'too-long', `At most ${MOST_ROWS} rows at once.`);
  const issues: FieldIssue[] = [];
  const documents: BookDocument[] = [];
  for (const [index, line] of lines.entries()) {
    if (line.every((cell) => cell.trim() === '')) continue;
    const row = index + 2;
    if (line.length > names.length) {
      issues.push({
        field: `row ${row}`,
        code: 'unreadable',
        message: `Row ${row} has ${line.length} columns, the first row names ${names.length}.`,
      });
      continue;
    }
    const form = Object.fromEntries(
      names.flatMap((name, column) => (name === null ? [] : [[name, line[column] ?? '']])),
    );
    const read = readBookForm(kind, form);
    if (read.ok) documents.push(read.value);
    else
      issues.push(
        ...read.issues.map(({ field, code, message }) => ({
          field: `row ${row}, ${field}`,
          code,
          message: `Row ${row}, ${field}: ${message}`,
        })),
      );
  }
  return issues.length > 0 ? { ok: false, issues } : good(documents);
}
