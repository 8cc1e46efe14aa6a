import { mixed, object } from 'yup';
import { exactText } from '@/core/json';
import { EMPTY_LATHE_FORM, LATHE_FIELDS, type LatheForm } from '@/core/lathe';
import { MOST_FIGURES } from '@/core/units';

const text = exactText(MOST_FIGURES).default('');

/** A lathe as typed in its form, or as a document of a file. */
export const latheBodySchema = object({
  form: object(Object.fromEntries(LATHE_FIELDS.map((field) => [field, text])))
    .nullable()
    .default(null),
  document: mixed<object>().nullable().default(null),
});

export function formOfBody(form: Partial<Record<string, string>> | null): LatheForm {
  return { ...EMPTY_LATHE_FORM, ...form };
}
