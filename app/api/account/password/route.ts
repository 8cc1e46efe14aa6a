import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { changePassword } from '@/data/account';
import { answer, handle } from '@/app/server/handle';
import { noteOutcome } from '@/app/server/note-sign-in';
import { token } from '@/app/server/session';

const schema = object({
  current: exactText(200).required('Type the password of now.'),
  password: exactText(200).required('Choose a password.'),
});

/** A new password of the viewer's own. */
export const PUT = handle(schema, async ({ viewer, body: { current, password }, request }) =>
  answer(
    noteOutcome(
      request,
      'password changed',
      viewer.id,
      await changePassword(viewer, await token(), current, password),
    ),
    204,
  ),
);
