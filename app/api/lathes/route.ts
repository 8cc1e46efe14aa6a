import { importLathe, saveLathe } from '@/data/shop';
import { answer, handle } from '@/app/server/handle';
import { formOfBody, latheBodySchema } from './lathe-body';

/** Makes a lathe of the form as typed, or of a document (format `oyakata-lathe`, see docs/formats/lathe.md). */
export const POST = handle(latheBodySchema, async ({ viewer, body }) =>
  answer(
    body.document === null
      ? await saveLathe(viewer, null, formOfBody(body.form))
      : await importLathe(viewer, body.document),
    201,
    (id) => ({ id }),
  ),
);
