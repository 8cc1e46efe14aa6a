import { boolean, object } from 'yup';
import { archiveItem } from '@/data/shop';
import { answer, handle } from '@/app/server/handle';

const schema = object({ archived: boolean().strict().required('Say whether it is put away.') });

/** Takes the lathe out of what is offered, or back in. */
export const PUT = handle(
  schema,
  async ({ viewer, id, body }) => answer(await archiveItem(viewer, id, body.archived, true), 204),
  { instructorsOnly: true },
);
