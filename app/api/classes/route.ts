import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { makeClass } from '@/data/roster';
import { answer, handle } from '@/app/server/handle';

const schema = object({ name: exactText(80).required('Type the name of the class.') });

/** A new class of the viewer's. */
export const POST = handle(
  schema,
  async ({ viewer, body }) => answer(await makeClass(viewer, body.name), 201, (id) => ({ id })),
  { instructorsOnly: true },
);
