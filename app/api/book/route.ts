import { writeCsv } from '@/core/base/csv/csv';
import { array, mixed, object, string } from 'yup';
import { BOOK_KINDS, type BookKind } from '@/core/machine/book/book';
import { bookRows, MOST_ROWS } from '@/core/machine/book/book-table';
import type { BookForm } from '@/core/machine/book/read-book-form';
import { exactTable } from '@/core/base/json/exact-table';
import { importBook, loadBook, saveBook } from '@/data/shop';
import { answer, handle, handleBare, refusal } from '@/app/server/handle';

const kindSchema = string<BookKind>().oneOf(BOOK_KINDS).required('Say which kind of record it is.');

const schema = object({
  kind: kindSchema,
  /** One record as typed. */
  form: mixed<BookForm>((value): value is BookForm => typeof value === 'object' && value !== null)
    .nullable()
    .default(null)
    .test('texts', 'Send texts.', (form) =>
      form == null
        ? true
        : Object.values(form).every((text) => typeof text === 'string' && text.length <= 600),
    ),
  /** Documents of a file. */
  documents: array(mixed<object>().required())
    .max(MOST_ROWS, `At most ${MOST_ROWS} records at once.`)
    .nullable()
    .default(null),
  /** Rows of a CSV file, the first with the names of the columns. */
  rows: exactTable({ rows: MOST_ROWS + 1, columns: 40, characters: 600 })
    .nullable()
    .default(null),
});

/** Records of the shop's book: one as typed, or those of a file. */
export const POST = handle(
  schema,
  async ({ viewer, body }) => {
    const { kind, form, documents, rows } = body;
    if (form !== null) return answer(await saveBook(viewer, { kind }, form), 201, (id) => ({ id }));
    if (documents === null && rows === null)
      return refusal(422, 'invalid', 'Send a form, documents, or rows.', [
        { field: 'form', message: 'Nothing was sent.' },
      ]);
    const sent = documents === null ? { rows: rows ?? [] } : { documents };
    return answer(await importBook(viewer, kind, sent), 201, (count) => ({ count }));
  },
  { instructorsOnly: true },
);

/** The records of a kind that are offered, as a file: `?kind=tool&as=json|csv`. */
export const GET = handleBare(async ({ viewer, request }) => {
  const query = new URL(request.url).searchParams;
  const kind = BOOK_KINDS.find((each) => each === query.get('kind'));
  if (kind === undefined)
    return refusal(422, 'invalid', 'Say which kind of record it is.', [
      { field: 'kind', message: `Choose ${BOOK_KINDS.join(', ')}.` },
    ]);
  const outcome = await loadBook(viewer, kind);
  if (!('done' in outcome)) return answer(outcome);
  const csv = query.get('as') === 'csv';
  return new Response(csv ? writeCsv(bookRows(kind, outcome.done)) : JSON.stringify(outcome.done, null, 2), {
    headers: {
      'Content-Type': csv ? 'text/csv; charset=utf-8' : 'application/json',
      'Content-Disposition': `attachment; filename="${kind}s.${csv ? 'csv' : 'json'}"`,
    },
  });
});
