import { mixed, object } from 'yup';
import type { BookForm } from '@/core/book';
import { saveBook } from '@/data/shop';
import { answer, handle } from '@/app/server/handle';

const schema = object({
  form: mixed<BookForm>((value): value is BookForm => typeof value === 'object' && value !== null)
    .required('Send the form.')
    .test('texts', 'Send texts.', (form) =>
      Object.values(form).every((text) => typeof text === 'string' && text.length <= 600),
    ),
});

/** Stores the form as the record's next revision. */
export const PUT = handle(schema, async ({ viewer, id, body }) =>
  answer(await saveBook(viewer, { itemId: id }, body.form), 200, (saved) => ({ id: saved })),
);
