import { object } from 'yup';
import { exactText } from '@/core/json';
import { signInByPassword } from '@/data/sign-in';
import { addressOf } from '@/app/server/address';
import { guarded, handleUnknown } from '@/app/server/handle';
import { finishSession } from '@/app/server/session';
import { signedIn } from '@/app/server/signed-in';

const schema = object({
  name: exactText(80).required('Type your name.'),
  password: exactText(200).required('Type your password.'),
});

/** An instructor or helper signs in: `{ "name": "…", "password": "…" }`. */
export const POST = handleUnknown(schema, async ({ name, password }, request) =>
  signedIn(await signInByPassword(name, password, addressOf(request))),
);

/** Ends the session: the cookie is worth nothing afterwards, wherever it was copied to. */
export const DELETE = guarded(async () => {
  await finishSession();
  return new Response(null, { status: 204 });
});
