import { object } from 'yup';
import { exactText } from '@/core/base/json/exact';
import { sessionOf } from '@/data/sessions';
import { signInByPassword } from '@/data/sign-in';
import { endGrantsHere } from '@/data/device-grants';
import { noteSignIn } from '@/app/server/note-sign-in';
import { originOf } from '@/app/server/origin';
import { guarded, handleUnknown } from '@/app/server/handle';
import { boundTo } from '@/app/server/bench-browser';
import { finishSession, token, viewer } from '@/app/server/session';
import { signedIn } from '@/app/server/signed-in';

const schema = object({
  name: exactText(80).required('Type your name.'),
  password: exactText(200).required('Type your password.'),
  /** The figures of the second factor, where there is one. */
  code: exactText(20).default(''),
});

/** An instructor or helper signs in: `{ "name": "…", "password": "…" }`. */
export const POST = handleUnknown(schema, async ({ name, password, code }, request) =>
  signedIn(request, await signInByPassword(name, password, await originOf(request), code)),
);

/** Who has worked in this browser: `asleep` asks for the PIN again, and says nothing but the name. */
export const GET = guarded(async () => {
  const found = await sessionOf(await token());
  const who = found.state === 'over' ? null : { id: found.person.id, name: found.person.name };
  return Response.json({ state: found.state, who }, { headers: { 'Cache-Control': 'no-store' } });
});

/** Ends the session: the cookie is worth nothing afterwards, wherever it was copied to. */
export const DELETE = guarded(
  async (request) => {
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
    if (who !== null) noteSignIn(request, 'signed out', who.id);
    return new Response(null, { status: 204 });
  },
  { alsoOnFullDisk: true },
);
