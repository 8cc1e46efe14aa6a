import { send } from '../shell/send';

/** Ends the session of this browser and goes to the sign-in page; answers what was wrong, if anything. */
export async function signOut(): Promise<string | null> {
  const sent = await send('DELETE', '/api/session');
  if (!sent.ok) return sent.message;
  window.location.assign('/sign-in');
  return null;
}
