import 'server-only';
import { Secret, TOTP } from 'otpauth';
import type { Transaction } from 'sequelize';
import { conflict, outcomeOf, refuse, type Outcome } from './outcome';
import type { PersonView } from './people';
import { change, rowOf } from './query';
import { tryAt } from './tries';

/** RFC 6238, as every authenticator reads it: six figures of SHA-1, anew every 30 seconds. */
const STEP_SECONDS = 30;
/** Clocks differ: the one before and the one behind are right too. */
const WINDOW = 1;
const ISSUER = 'Oyakata';

interface Factor {
  secret: string;
  confirmed: number;
  lastStep: number;
}

const factorOf = (personId: number): Promise<Factor | null> =>
  rowOf<Factor>(
    `SELECT secret, confirmed_at IS NOT NULL AS confirmed, last_step AS lastStep FROM second_factors WHERE person_id = ?`,
    [personId],
  );

const totp = (secret: string, label: string) =>
  new TOTP({ issuer: ISSUER, label, secret: Secret.fromBase32(secret), period: STEP_SECONDS });

/** Whether somebody signs in with a second factor. */
export async function hasSecondFactor(personId: number): Promise<boolean> {
  return (await factorOf(personId))?.confirmed === 1;
}

/** A new secret for an authenticator; it counts from the first code that is right. */
export function beginSecondFactor(viewer: PersonView): Promise<Outcome<{ uri: string; secret: string }>> {
  return outcomeOf(async () => {
    if (viewer.role === 'student') conflict('A second factor is for those who mark.');
    if (await hasSecondFactor(viewer.id)) conflict('You have a second factor. End it first.');
    const secret = new Secret({ size: 20 }).base32;
    await change('DELETE FROM second_factors WHERE person_id = ?', [viewer.id]);
    await change('INSERT INTO second_factors (person_id, secret, made_at) VALUES (?, ?, ?)', [
      viewer.id,
      secret,
      new Date(),
    ]);
    return { uri: totp(secret, viewer.name).toString(), secret };
  });
}

/**
 * Whether the figures are right now, and were not used before: whoever reads them over a shoulder can do nothing with
 * them.
 */
export async function isSecondFactor(personId: number, code: string, at = Date.now()): Promise<boolean> {
  const factor = await factorOf(personId);
  const figures = code.replace(/\s/g, '');
  if (factor === null || !/^\d{6}$/.test(figures)) return false;
  const off = totp(factor.secret, '').validate({ token: figures, window: WINDOW, timestamp: at });
  if (off === null) return false;
  const step = Math.floor(at / 1000 / STEP_SECONDS) + off;
  if (step <= factor.lastStep) return false;
  await change('UPDATE second_factors SET last_step = ? WHERE person_id = ? AND last_step < ?', [
    step,
    personId,
    step,
  ]);
  return true;
}

/** On the account page, slowed like every other secret: a session that was left open is no way to guess the figures. */
async function tryFactor({ id }: PersonView, code: string): Promise<void> {
  const right = await tryAt(
    [{ what: 'secret', which: `own figures of person ${id}`, personId: id }],
    'The authenticator shows them anew each half minute.',
    async () => ((await isSecondFactor(id, code)) ? true : null),
  );
  if (right === null) refuse('invalid', 'These are not the six figures of now.', 'code', 'wrong-code');
}

/** From now on the second factor is asked for. */
export function confirmSecondFactor(viewer: PersonView, code: string): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    await tryFactor(viewer, code);
    await change('UPDATE second_factors SET confirmed_at = ? WHERE person_id = ?', [new Date(), viewer.id]);
    return null;
  });
}

/** Ends it, with its figures. */
export function endSecondFactor(viewer: PersonView, code: string): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    await tryFactor(viewer, code);
    await change('DELETE FROM second_factors WHERE person_id = ?', [viewer.id]);
    return null;
  });
}

/** A password chosen with a one-time code begins anew: the telephone of before may be lost. */
export function forgetSecondFactor(personId: number, transaction: Transaction): Promise<void> {
  return change('DELETE FROM second_factors WHERE person_id = ?', [personId], transaction);
}
