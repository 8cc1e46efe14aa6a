import { bad, good, type FieldIssue, type Result } from '@/core/base/errors/field-issue';
import type { Lathe } from '../lathe';
import { EMPTY_LATHE_FORM } from './lathe-form';
import { LATHE_FIELDS } from './lathe-fields';
import { latheFormOf } from './lathe-form-of';
import { readLatheForm } from './read-lathe-form';

/** Most lathes that are taken from a table at once. */
const MOST = 200;

/** Lathes as rows under the names of their fields: what a CSV file holds. Lists and charts go by JSON alone. */
export function latheRows(lathes: readonly Lathe[]): string[][] {
  return [
    [...LATHE_FIELDS],
    ...lathes.map((lathe) => {
      const form = latheFormOf(lathe);
      return LATHE_FIELDS.map((field) => form[field]);
    }),
  ];
}

/** Rows of a file as lathes: all of them, or the rows that are wrong. */
export function readLatheRows(rows: readonly (readonly string[])[]): Result<Lathe[]> {
  const [head = [], ...lines] = rows;
  const fields = head.map((cell) =>
    LATHE_FIELDS.find((field) => field.toLowerCase() === cell.trim().toLowerCase()),
  );
  const unknown = fields.indexOf(undefined);
  if (unknown >= 0) return bad('row 1', 'unreadable', `Row 1: a lathe has no “${head[unknown] ?? ''}”.`);
  if (!fields.includes('name')) return bad('row 1', 'required', 'Row 1: the column “name” is missing.');
  if (lines.length > MOST) return bad('rows', 'too-long', `At most ${MOST} lathes at once.`);
  const issues: FieldIssue[] = [];
  const lathes: Lathe[] = [];
  for (const [index, line] of lines.entries()) {
    if (line.every((cell) => cell.trim() === '')) continue;
    const row = index + 2;
    if (line.length > fields.length) {
      const message = `Row ${row} has ${line.length} columns, the first row names ${fields.length}.`;
      issues.push({ field: `row ${row}`, code: 'unreadable', message });
      continue;
    }
    const form = { ...EMPTY_LATHE_FORM };
    for (const [column, field] of fields.entries()) if (field !== undefined) form[field] = line[column] ?? '';
    const read = readLatheForm(form);
    if (read.ok) lathes.push(read.value);
    else
      for (const { field, code, message } of read.issues)
        issues.push({ field: `row ${row}, ${field}`, code, message: `Row ${row}, ${field}: ${message}` });
  }
  return issues.length > 0 ? { ok: false, issues } : good(lathes);
}
