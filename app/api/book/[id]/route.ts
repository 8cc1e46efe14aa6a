import { mixed, object } from 'yup';
import type { BookForm } from '@/core/machine/book/read-book-form';
import { exactWhole } from '@/core/base/json/exact';
import { saveBook } from '@/data/shop';
import { answer, handle } from '@/app/server/handle';

const SEEN = 'Send the revision that was changed.';

const schema = object({
  form: mixed<BookForm>((value): value is BookForm => typeof value === 'object' && value !== null)
    .required('Send the form.')
    .test('texts', 'Send texts.', (form) =>
      Object.values(form).every((text) => typeof text === 'string' && text.length <= 600),
    ),
  seen: exactWhole(1, SEEN).required(SEEN),
});

/** Stores the form as the record's next revision. */
export const PUT = handle(
  schema,
  async ({ viewer, id, body }) =>
    answer(await saveBook(viewer, { itemId: id, seen: body.seen }, body.form), 200, (saved) => ({
      id: saved,
    })),
  { instructorsOnly: true },
);
