import 'server-only';
import { addDays } from 'date-fns/addDays';
import { addHours } from 'date-fns/addHours';
import type { Transaction } from 'sequelize';
import type { SecretKind } from '@/core/people/account';
import { database } from './database';
import { change, rowOf } from './query';
import { hashOf, makeCode } from './secrets';

/** Characters of a one-time code: 36 bits, for days, with tries counted. */
const LENGTH = 8;

/** A slip lies in a drawer until the lesson; a new password is set at once. */
const validUntil = (kind: SecretKind, now: Date) => (kind === 'pin' ? addDays(now, 30) : addHours(now, 48));

/**
 * Gives a person a one-time code, with which a first password or PIN is chosen; codes given before are worth nothing.
 * The code itself is not kept.
 */
export function giveCode(
  personId: number,
  kind: SecretKind,
  issuedById: number | null,
  transaction?: Transaction,
): Promise<string> {
  const give = (within: Transaction) => newCode(personId, kind, issuedById, within);
  return transaction === undefined ? database().sequelize.transaction(give) : give(transaction);
}

async function newCode(
  personId: number,
  kind: SecretKind,
  issuedById: number | null,
  transaction: Transaction,
): Promise<string> {
  const code = makeCode(LENGTH);
  // Two who give a code at one moment, in two classes for example, wait for each other here: one code is valid.
  await change('UPDATE people SET codes_given = codes_given + 1 WHERE id = ?', [personId], transaction);
  const now = new Date();
  await change(
    'UPDATE one_time_codes SET used_at = ? WHERE person_id = ? AND used_at IS NULL',
    [now, personId],
    transaction,
  );
  await change(
    'INSERT INTO one_time_codes (code_hash, person_id, kind, issued_by_id, issued_at, expires_at) VALUES (?, ?, ?, ?, ?, ?)',
    [hashOf(code), personId, kind, issuedById, now, validUntil(kind, now)],
    transaction,
  );
  return code;
}

/** Whose code it is, under a lock; null when it is unknown, used or too old. */
export function codeOf(
  code: string,
  transaction: Transaction,
): Promise<{ personId: number; kind: SecretKind } | null> {
  return rowOf<{ personId: number; kind: SecretKind }>(
    `SELECT person_id AS personId, kind FROM one_time_codes
      WHERE code_hash = ? AND used_at IS NULL AND expires_at > ? FOR UPDATE`,
    [hashOf(code), new Date()],
    transaction,
  );
}

export function useUp(code: string, transaction: Transaction): Promise<void> {
  return change(
    'UPDATE one_time_codes SET used_at = ? WHERE code_hash = ?',
    [new Date(), hashOf(code)],
    transaction,
  );
}
