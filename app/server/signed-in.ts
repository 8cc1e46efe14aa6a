import 'server-only';
import type { Outcome } from '@/data/outcome';
import type { PersonView } from '@/data/people';
import { noteKnownBrowser } from '@/data/tries';
import { bindBrowser } from './bench-browser';
import { answer } from './handle';
import { noteOutcome } from './note-sign-in';
import { beginSession } from './session';

/** Opens a session for whoever has signed in, and says who it is; or tells the refusal. */
export async function signedIn(request: Request, outcome: Outcome<PersonView>): Promise<Response> {
  noteOutcome(request, 'signed in', 'done' in outcome ? outcome.done.id : null, outcome);
  if ('done' in outcome) {
    await beginSession(outcome.done.id);
    // From now on nobody's tries elsewhere keep this person out of this browser.
    await noteKnownBrowser((await bindBrowser()).bound, outcome.done.id);
  }
  return answer(outcome, 200, (person) => ({ person }));
}
