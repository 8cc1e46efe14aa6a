import { object } from 'yup';
import { exactText } from '@/core/json';
import { changePassword } from '@/data/account';
import { answer, handle } from '@/app/server/handle';
import { token } from '@/app/server/session';

const schema = object({
  current: exactText(200).required('Type the password of now.'),
  password: exactText(200).required('Choose a password.'),
});

/** A new password of the viewer's own. */
export const PUT = handle(schema, async ({ viewer, body: { current, password } }) =>
  answer(await changePassword(viewer, await token(), current, password), 204),
);
