import { setLeaving } from './bench-store';
import { sealsHere, worksHere } from './works-here';
import { NO_ANSWER } from '@/ui/shell/ask';
import { send } from '@/ui/shell/send';

/**
 * Ends the session of this browser and goes to the sign-in page; answers what was wrong, if anything. What the bench of
 * this browser keeps of whoever leaves is closed first, so that the server can end everything else in that name.
 */
export async function signOut(): Promise<string | null> {
  setLeaving(true);
  const closed = await worksHere(null)
    .then(() => sealsHere())
    .catch(() => []);
  const sent = await send(
    'DELETE',
    `/api/session${closed.length === 0 ? '' : `?closed=${closed.slice(0, 50).join(',')}`}`,
  );
  if (!sent.ok) {
    setLeaving(false);
    return sent.code === 'no-answer' ? NO_ANSWER : sent.message;
  }
  window.location.assign('/sign-in');
  return null;
}
