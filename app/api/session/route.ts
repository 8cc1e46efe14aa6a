import { object } from 'yup';
import { exactText } from '@/core/json';
import { signInByPassword } from '@/data/sign-in';
import { endGrantsHere } from '@/data/device-grants';
import { addressOf } from '@/app/server/address';
import { guarded, handleUnknown } from '@/app/server/handle';
import { boundTo } from '@/app/server/bench-browser';
import { finishSession, viewer } from '@/app/server/session';
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
export const DELETE = guarded(async (request) => {
  // What is left closed at the bench of this browser is sent still; nothing else in that name.
  const closed = (new URL(request.url).searchParams.get('closed') ?? '').split(',').slice(0, 50);
  const who = await viewer();
  if (who !== null)
    await endGrantsHere(
      who.id,
      await boundTo(),
      closed.filter((seal) => /^[0-9a-f-]{36}$/.test(seal)),
    );
  await finishSession();
  return new Response(null, { status: 204 });
});
