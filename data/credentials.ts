import 'server-only';
import type { Transaction } from 'sequelize';
import type { SecretKind } from '@/core/people/account';
import { conflict } from './outcome';
import { change, rowOf } from './query';
import { hashSecret } from './secrets';

/** Sets a person's password or PIN, in the place of what was there. */
export async function setSecret(
  personId: number,
  kind: SecretKind,
  secret: string,
  transaction: Transaction,
): Promise<void> {
  const signInName = kind === 'pin' ? null : await signInNameOf(personId, transaction);
  await change('DELETE FROM credentials WHERE person_id = ?', [personId], transaction);
  await change(
    'INSERT INTO credentials (person_id, kind, sign_in_name, secret_hash, set_at) VALUES (?, ?, ?, ?, ?)',
    [personId, kind, signInName, await hashSecret(secret), new Date()],
    transaction,
  );
}

/** The name with which a person signs in: the own name, with a figure where two have the same. */
async function signInNameOf(personId: number, transaction: Transaction): Promise<string> {
  const row = await rowOf<{ name: string; own: string | null }>(
    'SELECT p.name, c.sign_in_name AS own FROM people p LEFT JOIN credentials c ON c.person_id = p.id WHERE p.id = ?',
    [personId],
    transaction,
  );
  if (row === null) return conflict('This person is no longer here.');
  if (row.own !== null) return row.own;
  for (let count = 1; ; count += 1) {
    const wanted = count === 1 ? row.name : `${row.name} ${count}`;
    const taken = await rowOf<{ personId: number }>(
      'SELECT person_id AS personId FROM credentials WHERE sign_in_name = ?',
      [wanted],
      transaction,
    );
    if (taken === null) return wanted;
  }
}

export interface Credential {
  personId: number;
  kind: SecretKind;
  secretHash: string;
  /** Whether the person belongs to a class still. */
  active: number;
}

const COLUMNS = `c.person_id AS personId, c.kind, c.secret_hash AS secretHash,
  EXISTS (SELECT 1 FROM memberships m WHERE m.person_id = c.person_id AND m.archived_at IS NULL) AS active`;

export function credentialNamed(signInName: string): Promise<Credential | null> {
  return rowOf<Credential>(
    `SELECT ${COLUMNS} FROM credentials c WHERE c.sign_in_name = ? AND c.kind = 'password'`,
    [signInName],
  );
}

export function credentialOf(personId: number): Promise<Credential | null> {
  return rowOf<Credential>(`SELECT ${COLUMNS} FROM credentials c WHERE c.person_id = ?`, [personId]);
}
