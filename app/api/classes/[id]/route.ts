import { boolean, object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { changeClass } from '@/data/roster';
import { answer, handle } from '@/app/server/handle';

const yesNo = () => boolean().strict().typeError('Send true or false.');
const schema = object({ name: exactText(80), archived: yesNo(), newCode: yesNo() });

/** Renames a class, archives it or takes it back, or gives it a new code. */
export const PUT = handle(
  schema,
  async ({ viewer, id, body }) => answer(await changeClass(viewer, id, body), 204),
  { instructorsOnly: true },
);
