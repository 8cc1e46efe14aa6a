import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { setTimeZone } from '@/data/shop';
import { answer, handle } from '@/app/server/handle';

const schema = object({ timeZone: exactText(64).required('Choose a time zone.') });

/** Sets the time zone in which the shop's times are shown. */
export const PUT = handle(
  schema,
  async ({ viewer, body }) => answer(await setTimeZone(viewer, body.timeZone), 204),
  { instructorsOnly: true },
);
