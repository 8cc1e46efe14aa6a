import 'server-only';
import { cookies, headers } from 'next/headers';
import { clearOver } from '@/data/clear-over';
import type { PersonView } from '@/data/people';
import { sharedAskers } from '@/door/askers';
import { endSession, openSession, personOfSession } from '@/data/sessions';
import { publicOrigin } from './public-origin';
import { usedOn } from './used-on';

/**
 * Browsers do not tell ports apart in cookies: each installation has a name of its own in its cookie's. Behind TLS the
 * prefix lets no other name of the domain and no plain connection set it (RFC 6265bis, 4.1.3.2).
 */
const cookieName = () =>
  `${publicOrigin() === null ? '' : '__Host-'}oyakata-${process.env.OYAKATA_INSTANCE ?? 'local'}`;

/** The token of the browser that asks; empty when it has none. */
export async function token(): Promise<string> {
  return (await cookies()).get(cookieName())?.value ?? '';
}

/**
 * Who is working, or null when nobody is signed in. @param used whether somebody has done something now, and not a page
 * by itself. See docs/decisions/0004-who-is-working.md.
 */
export async function viewer(used = false): Promise<PersonView | null> {
  const present = await token();
  if (present === '') return null;
  const person = await personOfSession(present, used);
  // The door gives a share of its places to each person it knows.
  if (person !== null) sharedAskers().recognised(present, person.id);
  return person;
}

/** Begins to work as somebody; the session before ends. */
export async function beginSession(personId: number): Promise<void> {
  await finishSession();
  const agent = (await headers()).get('user-agent') ?? '';
  (await cookies()).set(cookieName(), await openSession(personId, usedOn(agent)), {
    httpOnly: true,
    sameSite: 'lax',
    secure: publicOrigin() !== null,
    path: '/',
  });
  // Nobody waits for this. If it fails (full disk), a later request does it.
  void clearOver().catch(() => undefined);
}

/** Ends the session on the server and takes the cookie away. */
export async function finishSession(): Promise<void> {
  const present = await token();
  if (present === '') return;
  await endSession(present);
  (await cookies()).set(cookieName(), '', {
    httpOnly: true,
    sameSite: 'lax',
    secure: publicOrigin() !== null,
    path: '/',
    maxAge: 0,
  });
}
