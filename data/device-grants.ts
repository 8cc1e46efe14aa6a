import 'server-only';
import { randomBytes } from 'node:crypto';
import type { Transaction } from 'sequelize';
import { findPerson, type PersonView } from './people';
import { change, rowOf } from './query';
import { hashOf } from './secrets';

/** A grant is good for a term; whoever signs in at the device has a new one. */
export const GRANT_DAYS = 120;
const TOKEN = /^[A-Za-z0-9_-]{43}$/;

/** Who may send what, from which device. */
export interface Granted {
  person: PersonView;
  device: string;
}

/**
 * Gives a device the right to send the entries that this person makes on it, whoever is signed in when they are sent. It
 * allows nothing else. The grant before it ends.
 * @returns the token, known to the device only
 */
export async function grantDevice(viewer: PersonView, device: string): Promise<string> {
  const token = randomBytes(32).toString('base64url');
  const now = new Date();
  // Two tabs may ask at one moment: each statement stands for itself, so that none waits for the other's lock.
  await change('INSERT INTO device_grants (token_hash, person_id, device, granted_at) VALUES (?, ?, ?, ?)', [
    hashOf(token),
    viewer.id,
    device,
    now,
  ]);
  await change(
    'UPDATE device_grants SET ended_at = ? WHERE person_id = ? AND device = ? AND granted_at < ? AND ended_at IS NULL',
    [now, viewer.id, device, now],
  );
  return token;
}

/** Who sends under a token; null when it is unknown, ended or too old, or its maker is in no class any more. */
export async function grantedBy(token: string): Promise<Granted | null> {
  if (!TOKEN.test(token)) return null;
  const row = await rowOf<{ personId: number; device: string; grantedAt: Date }>(
    `SELECT person_id AS personId, device, granted_at AS grantedAt FROM device_grants
      WHERE token_hash = ? AND ended_at IS NULL`,
    [hashOf(token)],
  );
  if (row === null || Date.now() - row.grantedAt.getTime() > GRANT_DAYS * 86_400_000) return null;
  const person = await findPerson(row.personId);
  return person === null ? null : { person, device: row.device };
}

/** Ends every grant of a person: a secret was changed, or a device is lost. */
export function endGrantsOf(personId: number, transaction: Transaction): Promise<void> {
  return change(
    'UPDATE device_grants SET ended_at = ? WHERE person_id = ? AND ended_at IS NULL',
    [new Date(), personId],
    transaction,
  );
}
