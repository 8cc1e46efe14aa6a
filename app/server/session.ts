import 'server-only';
import { cookies } from 'next/headers';
import type { PersonView } from '@/data/people';
import { endSession, openSession, personOfSession } from '@/data/sessions';

/** Browsers do not tell ports apart in cookies: each installation has a name of its own in its cookie's. */
const cookieName = () => `oyakata-${process.env.OYAKATA_INSTANCE ?? 'local'}`;

async function token(): Promise<string | null> {
  return (await cookies()).get(cookieName())?.value ?? null;
}

/** Who is working, or null when nobody has chosen a name yet. See docs/decisions/0004-who-is-working.md. */
export async function viewer(): Promise<PersonView | null> {
  const present = await token();
  return present === null ? null : personOfSession(present);
}

/** Begins to work as somebody; the session before ends. */
export async function beginSession(personId: number): Promise<void> {
  await finishSession();
  (await cookies()).set(cookieName(), await openSession(personId), {
    httpOnly: true,
    sameSite: 'lax',
    secure: false,
    path: '/',
  });
}

/** Ends the session on the server and takes the cookie away. */
export async function finishSession(): Promise<void> {
  const present = await token();
  if (present === null) return;
  await endSession(present);
  (await cookies()).delete(cookieName());
}
