import 'server-only';
import { getIronSession } from 'iron-session';
import { cookies } from 'next/headers';
import { findPerson, type PersonView } from '@/data/people';

interface SessionContent {
  personId?: number;
}

/** The sealed cookie that says who works here. See docs/decisions/0004-who-is-working.md for what it proves. */
export async function session() {
  const password = process.env.OYAKATA_SESSION_SECRET;
  if (password === undefined || password.length < 32) {
    throw new Error(
      'OYAKATA_SESSION_SECRET is missing or shorter than 32 characters. Start with ./oyakata start.',
    );
  }
  return getIronSession<SessionContent>(await cookies(), {
    cookieName: 'oyakata',
    password,
    cookieOptions: { httpOnly: true, sameSite: 'lax', secure: false, path: '/' },
  });
}

/** Who is working, or null when nobody has chosen a name yet. */
export async function viewer(): Promise<PersonView | null> {
  const { personId } = await session();
  return personId === undefined ? null : findPerson(personId);
}
