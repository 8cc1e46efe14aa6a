import 'server-only';
import type { Transaction } from 'sequelize';
import { REMOVED } from './people';
import { change, places, rowsOf } from './query';

/** Whose words they are: an entry of a record, or a decided mark. */
export type TextOwner = 'entry' | 'mark';

/** What a frozen document holds in the place of words that are stored apart. */
export const PUT_APART = '…';

/** Stores what a person said apart from the frozen document in which it stood, so that it can be taken out. */
export async function keepTexts(
  owner: TextOwner,
  ownerId: string,
  personId: number,
  said: Readonly<Record<string, string>>,
  transaction: Transaction,
): Promise<void> {
  const rows = Object.entries(said);
  if (rows.length === 0) return;
  await change(
    `INSERT INTO texts (owner, owner_id, path, person_id, body) VALUES ${rows.map(() => '(?, ?, ?, ?, ?)').join(', ')}`,
    rows.flatMap(([path, body]) => [owner, ownerId, path, personId, body]),
    transaction,
  );
}

/** The words of owners, by owner and path; what was taken out says so. */
export async function textsOf(
  owner: TextOwner,
  ownerIds: readonly string[],
  transaction?: Transaction,
): Promise<Map<string, Map<string, string>>> {
  const found = new Map<string, Map<string, string>>();
  if (ownerIds.length === 0) return found;
  const rows = await rowsOf<{ ownerId: string; path: string; body: string | null }>(
    `SELECT owner_id AS ownerId, path, body FROM texts WHERE owner = ? AND owner_id IN (${places(ownerIds)})`,
    [owner, ...ownerIds],
    transaction,
  );
  for (const { ownerId, path, body } of rows) {
    const own = found.get(ownerId) ?? new Map<string, string>();
    found.set(ownerId, own.set(path, body ?? REMOVED));
  }
  return found;
}
