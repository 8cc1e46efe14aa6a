import { mixed, object } from 'yup';
import { exactTable } from '@/core/base/json/exact-table';
import { exactText, exactWhole } from '@/core/base/json/exact';
import { EMPTY_LATHE_FORM, LATHE_TABLES, type LatheForm } from '@/core/machine/lathe/form/lathe-form';
import { LATHE_FIELDS } from '@/core/machine/lathe/form/lathe-fields';
import { MOST_FIGURES } from '@/core/base/units/typed-text';

/** A cell holds what is typed: lists of labels and positions are longer than a figure. */
const text = exactText(500).default('');
const table = exactTable({ rows: 310, columns: 20, characters: MOST_FIGURES * 4 }).default([]);

/** A lathe as typed in its form, or as a document of a file. */
export const latheBodySchema = object({
  form: object({
    ...Object.fromEntries(LATHE_FIELDS.map((field) => [field, text])),
    ...Object.fromEntries(LATHE_TABLES.map((name) => [name, table])),
  })
    .nullable()
    .default(null),
  /** The revision that the change began from; null for a new lathe. */
  seen: exactWhole(1, 'Send the revision that was changed.').nullable().default(null),
  document: mixed<object>().nullable().default(null),
  /** Rows of a CSV file, the first with the names of the fields. */
  rows: exactTable({ rows: 201, columns: 80, characters: 500 }).nullable().default(null),
});

export function formOfBody(form: object | null): LatheForm {
  return { ...EMPTY_LATHE_FORM, ...form };
}
