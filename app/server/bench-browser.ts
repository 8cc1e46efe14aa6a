import 'server-only';
import { randomBytes } from 'node:crypto';
import { cookies, headers } from 'next/headers';
import { publicOrigin } from './public-origin';
import { usedOn } from './used-on';

/** The browser that is a bench: known by a cookie of its own that no script reads, so that a grant is good in it alone. */
const cookieName = () =>
  `${publicOrigin() === null ? '' : '__Host-'}oyakata-bench-${process.env.OYAKATA_INSTANCE ?? 'local'}`;
const TERM_SECONDS = 400 * 86_400;

/** The secret by which the server knows this browser as a bench; empty if it never was one. */
export async function boundTo(): Promise<string> {
  return (await cookies()).get(cookieName())?.value ?? '';
}

/** The same, made when it is not there yet. */
export async function bindBrowser(): Promise<{ bound: string; usedOn: string }> {
  const known = await boundTo();
  const bound = /^[A-Za-z0-9_-]{43}$/.test(known) ? known : randomBytes(32).toString('base64url');
  (await cookies()).set(cookieName(), bound, {
    httpOnly: true,
    sameSite: 'strict',
    secure: publicOrigin() !== null,
    path: '/',
    maxAge: TERM_SECONDS,
  });
  return { bound, usedOn: usedOn((await headers()).get('user-agent') ?? '') };
}
