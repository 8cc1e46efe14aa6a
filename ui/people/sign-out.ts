import { worksHere } from '../bench/bench-store';
import { send } from '../shell/send';

/** Ends the session of this browser and goes to the sign-in page; answers what was wrong, if anything. */
export async function signOut(): Promise<string | null> {
  const sent = await send('DELETE', '/api/session');
  if (!sent.ok) return sent.message;
  // What the bench of this browser remembers of whoever leaves goes; what is still to be sent stays.
  await worksHere(null).catch(() => undefined);
  window.location.assign('/sign-in');
  return null;
}
