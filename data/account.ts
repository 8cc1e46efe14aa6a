import 'server-only';
import { readPassword, type AccountView } from '@/core/people';
import { credentialOf, setSecret } from './credentials';
import { database } from './database';
import { grantsOf } from './device-grants';
import { forgetFailures, noteFailure, refuseTooOften, type TriedAt } from './failed-tries';
import { conflict, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import type { PersonView } from './people';
import { rowOf } from './query';
import { isSecret } from './secrets';
import { endSessionsOf, sessionsOf } from './sessions';

export function loadAccount(viewer: PersonView, token: string): Promise<Outcome<AccountView>> {
  return outcomeOf(async () => {
    const [row, sessions, benches] = await Promise.all([
      rowOf<{ signInName: string | null; kind: 'password' | 'pin' }>(
        'SELECT sign_in_name AS signInName, kind FROM credentials WHERE person_id = ?',
        [viewer.id],
      ),
      sessionsOf(viewer, token),
      grantsOf([viewer.id]),
    ]);
    return {
      signInName: row?.signInName ?? null,
      kind: row?.kind ?? null,
      sessions,
      benches,
    };
  });
}

/** A new password, with the one before; every other session of the person ends. */
export function changePassword(
  viewer: PersonView,
  token: string,
  current: string,
  password: string,
): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const at: TriedAt = { what: 'secret', which: `person ${viewer.id}` };
    await refuseTooOften([at]);
    const credential = await credentialOf(viewer.id);
    if (credential?.kind !== 'password')
      return conflict('You sign in with a PIN; the instructor resets it with a new slip.');
    if (!(await isSecret(credential.secretHash, current))) {
      await noteFailure([at]);
      return refuse('invalid', 'This is not your password.', 'current', 'wrong-secret');
    }
    const read = readPassword(password, viewer.name);
    if (!read.ok) return refuseFields(read.issues);
    await database().sequelize.transaction(async (transaction) => {
      await setSecret(viewer.id, 'password', read.value, transaction);
      await endSessionsOf(viewer.id, transaction, token);
    });
    await forgetFailures(at);
    return null;
  });
}
