import 'server-only';
import { randomBytes, randomUUID } from 'node:crypto';
import type { Transaction } from 'sequelize';
import type { OwnGrant } from '@/core/people/account';
import { membershipsOf } from './access';
import { forbidden, notFound, outcomeOf, type Outcome } from './outcome';
import { findPerson, type PersonView } from './people';
import { change, places, rowOf, rowsOf } from './query';
import { keyOfSeal } from './seals';
import { hashOf } from './secrets';

/** How long a grant is good: from one weekly lesson to the next, and a day more. Each sign-in gives a new grant. */
export const GRANT_DAYS = 8;
const TOKEN = /^[A-Za-z0-9_-]{43}$/;
const goodFrom = () => new Date(Date.now() - GRANT_DAYS * 86_400_000);

/** Who may send what, from which device. */
export interface Granted {
  person: PersonView;
  device: string;
}

/** A browser: the device as it counts its entries, what it is known by (a cookie that no script reads), and its name. */
export interface Browser {
  device: string;
  bound: string;
  usedOn: string;
}

export interface NewGrant {
  token: string;
  /** What this person leaves unsent here is closed with this key. */
  seal: string;
  key: string;
  /** Keys of seals by which the same person's entries are closed on the device already. */
  keys: Record<string, string>;
  /** How many entries this browser held under an earlier id, as it said then: its store was cleared since. */
  missing: number;
}

/**
 * Gives a device the right to send what this student makes on it of the own pieces, whoever is signed in when it is sent.
 * It allows nothing else, is good in this browser only, and the one before it ends. Staff sign with their own session.
 * @param seals by which entries are closed on the device
 */
export function grantDevice(
  viewer: PersonView,
  { device, bound, usedOn }: Browser,
  seals: readonly string[] = [],
): Promise<Outcome<NewGrant>> {
  return outcomeOf(async () => {
    if (!(await membershipsOf(viewer)).some(({ role }) => role === 'student'))
      forbidden('A bench keeps what students record. You record with your own session.');
    const [token, seal, now] = [randomBytes(32).toString('base64url'), randomUUID(), new Date()];
    // Two tabs may ask at one moment: each statement stands for itself, so that none waits for the other's lock.
    await change(
      `INSERT INTO device_grants (token_hash, person_id, device, granted_at, seal, bound_hash, used_on)
        VALUES (?, ?, ?, ?, ?, ?, ?)`,
      [hashOf(token), viewer.id, device, now, seal, hashOf(bound), usedOn.slice(0, 120)],
    );
    await change(
      `UPDATE device_grants SET ended_at = ? WHERE person_id = ? AND device = ? AND granted_at < ? AND ended_at IS NULL
        ${but(seals)}`,
      [now, viewer.id, device, now, ...seals],
    );
    const keyOf = async (each: string) => (await keyOfSeal(viewer.id, each)).toString('base64');
    const keys = await Promise.all(seals.map(async (each) => [each, await keyOf(each)] as const));
    const missing = await goneFromHere(viewer, device, bound);
    return { token, seal, key: await keyOf(seal), keys: Object.fromEntries(keys), missing };
  });
}

/** What this browser said it held as another device, before its store was cleared. It is told once. */
async function goneFromHere({ id }: PersonView, device: string, bound: string): Promise<number> {
  const rows = await rowsOf<{ device: string; attemptId: number; held: number }>(
    `SELECT DISTINCT b.device, b.attempt_id AS attemptId, b.held FROM bench_devices b
      JOIN device_grants g ON g.device = b.device JOIN attempts a ON a.id = b.attempt_id
      WHERE g.bound_hash = ? AND g.person_id = ? AND a.student_id = ? AND b.device <> ? AND b.held > 0`,
    [hashOf(bound), id, id, device],
  );
  for (const each of rows)
    await change('DELETE FROM bench_devices WHERE device = ? AND attempt_id = ?', [
      each.device,
      each.attemptId,
    ]);
  return rows.reduce((sum, { held }) => sum + held, 0);
}

/** Who sends under a token from this browser; null when it is unknown, ended or too old, or another browser's. */
export function grantedBy(token: string, bound: string): Promise<Granted | null> {
  return TOKEN.test(token) ? grantWhere('token_hash = ?', hashOf(token), bound) : Promise.resolve(null);
}

/** All but the grants by whose seals something is closed. */
const but = (seals: readonly string[]) =>
  seals.length === 0 ? '' : `AND (seal IS NULL OR seal NOT IN (${places(seals)}))`;

/** Whose entries are closed by a seal, as long as the grant that it belongs to holds. */
export function grantedBySeal(seal: string, bound: string): Promise<Granted | null> {
  return grantWhere('seal = ?', seal, bound);
}

async function grantWhere(where: string, value: string, bound: string): Promise<Granted | null> {
  const row = await rowOf<{ id: number; personId: number; device: string; sentAt: Date | null }>(
    // A grant of an earlier release is not bound to a browser. It is valid as long as every other one.
    `SELECT id, person_id AS personId, device, sent_at AS sentAt FROM device_grants
      WHERE ${where} AND ended_at IS NULL AND granted_at > ? AND (bound_hash IS NULL OR bound_hash = ?)`,
    [value, goodFrom(), hashOf(bound)],
  );
  if (row === null) return null;
  const person = await findPerson(row.personId);
  if (person === null) return null;
  // Written at most once in ten minutes, and errors are ignored: entries are taken on a full disk too.
  if (row.sentAt === null || Date.now() - row.sentAt.getTime() > 600_000)
    await change('UPDATE device_grants SET sent_at = ? WHERE id = ?', [new Date(), row.id]).catch(
      () => undefined,
    );
  return { person, device: row.device };
}

/** Whether a browser holds any grant that is good: only then is it worth to look at what it sends. */
export async function isBound(bound: string): Promise<boolean> {
  const row = await rowOf(
    'SELECT id FROM device_grants WHERE bound_hash = ? AND ended_at IS NULL AND granted_at > ? LIMIT 1',
    [hashOf(bound), goodFrom()],
  );
  return row !== null;
}

/** The benches that may send in the names of people, the last given first. */
export async function grantsOf(personIds: readonly number[]): Promise<(OwnGrant & { personId: number })[]> {
  const rows = await rowsOf<{
    id: number;
    personId: number;
    usedOn: string;
    grantedAt: Date;
    sentAt: Date | null;
  }>(
    `SELECT id, person_id AS personId, used_on AS usedOn, granted_at AS grantedAt, sent_at AS sentAt FROM device_grants
      WHERE person_id IN (${places(personIds)}) AND ended_at IS NULL AND granted_at > ? ORDER BY granted_at DESC, id DESC
      LIMIT 200`,
    [...personIds, goodFrom()],
  );
  return rows.map(({ id, personId, usedOn, grantedAt, sentAt }) => ({
    id,
    personId,
    usedOn,
    grantedAt: grantedAt.toISOString(),
    sentAt: sentAt?.toISOString() ?? null,
    until: new Date(grantedAt.getTime() + GRANT_DAYS * 86_400_000).toISOString(),
  }));
}

/** Ends a grant: the own, or one of a student whom the viewer teaches. What is closed by it waits for its maker. */
export function endGrant(viewer: PersonView, id: number): Promise<Outcome<null>> {
  return outcomeOf(async () => {
    const grant = await rowOf<{ id: number }>(
      `SELECT g.id FROM device_grants g WHERE g.id = ? AND g.ended_at IS NULL AND (g.person_id = ? OR EXISTS
        (SELECT 1 FROM memberships s JOIN memberships t ON t.class_id = s.class_id
          WHERE s.person_id = g.person_id AND s.role = 'student' AND t.person_id = ? AND t.role = 'instructor'
            AND t.archived_at IS NULL))`,
      [id, viewer.id, viewer.id],
    );
    if (grant === null) notFound('bench');
    await change('UPDATE device_grants SET ended_at = ? WHERE id = ?', [new Date(), id]);
    return null;
  });
}

/** Somebody signs out of a browser: what it may send in that name ends, but for what was left there closed. */
export function endGrantsHere(personId: number, bound: string, seals: readonly string[]): Promise<void> {
  return change(
    `UPDATE device_grants SET ended_at = ? WHERE person_id = ? AND bound_hash = ? AND ended_at IS NULL ${but(seals)}`,
    [new Date(), personId, hashOf(bound), ...seals],
  );
}

/** Ends every grant of a person: a secret was changed, a device is lost, or the person has left. */
export function endGrantsOf(personId: number, transaction: Transaction): Promise<void> {
  return change(
    'UPDATE device_grants SET ended_at = ? WHERE person_id = ? AND ended_at IS NULL',
    [new Date(), personId],
    transaction,
  );
}
