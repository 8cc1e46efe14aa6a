import 'server-only';
import { randomBytes } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { OwnSession } from '@/core/people/account';
import { database } from './database';
import { endGrantsOf } from './device-grants';
import { notFound, outcomeOf, type Outcome } from './outcome';
import { findPerson, type PersonView } from './people';
import { change, rowOf, rowsOf } from './query';
import { hashOf } from './secrets';

/** A session of a student that was not used for so long is over. */
export const IDLE_DAYS = 30;
/** No session lasts longer than a day's work: after it the secret is asked for again; at a bench the PIN alone. */
const SESSION_HOURS = 12;
/** How exactly the last use is noted. */
const SEEN_EVERY_MS = 60_000;
/** 32 bytes in base64url. */
const TOKEN = /^[A-Za-z0-9_-]{43}$/;

/** Begins a session and returns its token: 256 random bits, known to the browser only. */
export async function openSession(personId: number, usedOn = ''): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  const now = new Date();
  await database().models.SessionRow.create({
    tokenHash: hashOf(token),
    personId,
    openedAt: now,
    seenAt: now,
    endedAt: null,
    usedOn: usedOn.slice(0, 120),
  });
  return token;
}

/**
 * What a token is worth. `asleep`: a student's, from before the last hours: it names who it was, and asks for the PIN.
 */
export type SessionState =
  | { state: 'good'; person: PersonView }
  | { state: 'asleep'; person: PersonView }
  | { state: 'over' };

const OVER: SessionState = { state: 'over' };

/**
 * Whose session a token is. Those who mark are signed out after so many minutes (the shop's) in which nobody has used the
 * page; a request that a page sends by itself does not count as use.
 * @param used whether somebody has done something now
 */
export async function sessionOf(token: string, used = false): Promise<SessionState> {
  if (!TOKEN.test(token)) return OVER;
  const { SessionRow } = database().models;
  const session = await SessionRow.findByPk(hashOf(token));
  if (session === null || session.endedAt !== null) return OVER;
  const now = Date.now();
  const idleMs = now - session.seenAt.getTime();
  if (idleMs > IDLE_DAYS * 86_400_000) return OVER;
  const person = await findPerson(session.personId);
  if (person === null) return OVER;
  const long = now - session.openedAt.getTime() > SESSION_HOURS * 3_600_000;
  let unsecured = false;
  if (person.role === 'student') {
    if (long) return { state: 'asleep', person };
  } else {
    const rules = await rulesFor(person.id);
    if (long || idleMs > rules.idleMinutes * 60_000) return OVER;
    unsecured = rules.unsecured && person.role === 'instructor';
  }
  // Noted by the way: on a full disk the page must be shown all the same.
  if (used && idleMs > SEEN_EVERY_MS) await session.update({ seenAt: new Date() }).catch(() => undefined);
  return { state: 'good', person: unsecured ? { ...person, unsecured } : person };
}

/** Who works under a token; null when it is unknown, over, asleep, or no token at all. */
export async function personOfSession(token: string, used = false): Promise<PersonView | null> {
  const found = await sessionOf(token, used);
  return found.state === 'good' ? found.person : null;
}

/** What the shop asks of those who mark. */
async function rulesFor(personId: number): Promise<{ idleMinutes: number; unsecured: boolean }> {
  const row = await rowOf<{ idleMinutes: number; unsecured: number }>(
    `SELECT idle_minutes AS idleMinutes, second_factor = 1 AND NOT EXISTS
        (SELECT 1 FROM second_factors f WHERE f.person_id = ? AND f.confirmed_at IS NOT NULL) AS unsecured
      FROM shop WHERE id = 1`,
    [personId],
  );
  return { idleMinutes: row?.idleMinutes ?? 30, unsecured: row?.unsecured === 1 };
}

/** Ends a session on the server: whoever still holds its cookie holds nothing. */
export async function endSession(token: string): Promise<void> {
  if (!TOKEN.test(token)) return;
  await database().models.SessionRow.update(
    { endedAt: new Date() },
    { where: { tokenHash: hashOf(token), endedAt: null } },
  );
}

/** Where somebody is signed in, the latest use first. */
export async function sessionsOf(viewer: PersonView, token: string): Promise<OwnSession[]> {
  const rows = await rowsOf<{ id: number; usedOn: string; openedAt: Date; seenAt: Date; hash: string }>(
    `SELECT id, used_on AS usedOn, opened_at AS openedAt, seen_at AS seenAt, token_hash AS hash FROM sessions
      WHERE person_id = ? AND ended_at IS NULL AND seen_at > ? ORDER BY seen_at DESC, id DESC LIMIT 50`,
    [viewer.id, new Date(Date.now() - IDLE_DAYS * 86_400_000)],
  );
  return rows.map(({ id, usedOn, openedAt, seenAt, hash }) => ({
    id,
    usedOn,
    openedAt: openedAt.toISOString(),
    seenAt: seenAt.toISOString(),
    current: hash === hashOf(token),
  }));
}

/** Ends one of the viewer's own sessions, on whatever device it is. */
export function endOwnSession(viewer: PersonView, id: number): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const open = await rowsOf<{ id: number }>(
      'SELECT id FROM sessions WHERE id = ? AND person_id = ? AND ended_at IS NULL',
      [id, viewer.id],
    );
    if (open.length === 0) notFound('session of yours');
    await change('UPDATE sessions SET ended_at = ? WHERE id = ?', [new Date(), id]);
    return null;
  });
}

/** Ends every session of a person but the one named, and what devices may send in that person's name. */
export async function endSessionsOf(personId: number, transaction: Transaction, but = ''): Promise<void> {
  await endGrantsOf(personId, transaction);
  await change(
    'UPDATE sessions SET ended_at = ? WHERE person_id = ? AND ended_at IS NULL AND token_hash <> ?',
    [new Date(), personId, but === '' ? '' : hashOf(but)],
    transaction,
  );
}
