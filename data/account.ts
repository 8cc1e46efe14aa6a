import 'server-only';
import { readPassword } from '@/core/people/secret-rules';
import type { AccountView } from '@/core/people/account';
import { credentialOf, setSecret } from './credentials';
import { database } from './database';
import { grantsOf } from './device-grants';
import { isGuessed } from './guessed';
import { conflict, outcomeOf, refuse, refuseFields, type Outcome } from './outcome';
import type { PersonView } from './people';
import { rowOf } from './query';
import { isSecret } from './secrets';
import { hasSecondFactor } from './second-factors';
import { endSessionsOf, sessionsOf } from './sessions';
import { shopOf } from './shop';
import { refuseGuessed } from './sign-in';
import { forgetTriesOf, strangersTries, tryAt } from './tries';

export function loadAccount(viewer: PersonView, token: string): Promise<Outcome<AccountView>> {
  return outcomeOf(async () => {
    const [row, sessions, benches, secondFactor, [tries], shop] = await Promise.all([
      rowOf<{ signInName: string | null; kind: 'password' | 'pin' }>(
        'SELECT sign_in_name AS signInName, kind FROM credentials WHERE person_id = ?',
        [viewer.id],
      ),
      sessionsOf(viewer, token),
      grantsOf([viewer.id]),
      hasSecondFactor(viewer.id),
      strangersTries([viewer.id]),
      shopOf(),
    ]);
    return {
      signInName: row?.signInName ?? null,
      kind: row?.kind ?? null,
      sessions,
      benches,
      secondFactor,
      demanded: shop.secondFactor && viewer.role === 'instructor',
      idleMinutes: shop.idleMinutes,
      tries: tries ?? null,
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
    const credential = await credentialOf(viewer.id);
    if (credential?.kind !== 'password')
      return conflict('You sign in with a PIN; the instructor resets it with a new slip.');
    const right = await tryAt(
      [{ what: 'secret', which: `own password of person ${viewer.id}`, personId: viewer.id }],
      'Or ask whoever keeps the program for a one-time code.',
      async () => ((await isSecret(credential.secretHash, current)) ? credential : null),
    );
    if (right === null) return refuse('invalid', 'This is not your password.', 'current', 'wrong-secret');
    const read = readPassword(password, viewer.name);
    if (!read.ok) return refuseFields(read.issues);
    if (await isGuessed(password, viewer.name)) refuseGuessed('password');
    await database().sequelize.transaction(async (transaction) => {
      await setSecret(viewer.id, 'password', read.value, transaction);
      await endSessionsOf(viewer.id, transaction, token);
    });
    await forgetTriesOf(viewer.id);
    return null;
  });
}
