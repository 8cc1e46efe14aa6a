import 'server-only';
import type { Transaction } from 'sequelize';
import { isStoredObject } from '@/core/base/documents/document';
import { readMark, withSaid, type Mark } from '@/core/exercise/marking/mark';
import { places, rowsOf } from './query';
import { PUT_APART, textsOf } from './texts';

export interface DecisionView {
  id: number;
  number: number;
  mark: Mark;
  by: string;
  at: string;
}

/** The decisions on attempts, first to last, by attempt: the last one stands. */
export async function decisionsOf(
  attemptIds: readonly number[],
  transaction?: Transaction,
): Promise<Map<number, DecisionView[]>> {
  const found = new Map<number, DecisionView[]>();
  if (attemptIds.length === 0) return found;
  const rows = await rowsOf<{
    id: number;
    attemptId: number;
    number: number;
    mark: string;
    by: string;
    at: Date;
  }>(
    `SELECT d.id, d.attempt_id AS attemptId, d.number, d.mark, p.name AS \`by\`, d.decided_at AS \`at\`
      FROM mark_decisions d JOIN people p ON p.id = d.decided_by_id
      WHERE d.attempt_id IN (${places(attemptIds)}) ORDER BY d.attempt_id, d.number`,
    attemptIds,
    transaction,
  );
  const texts = await textsOf(
    'mark',
    rows.map(({ id }) => String(id)),
    transaction,
  );
  for (const { id, attemptId, number, mark, by, at } of rows) {
    const said = texts.get(String(id));
    const stored: unknown = JSON.parse(mark);
    const read = readMark(stored);
    // Marks of version 1, which name no format, hold their words themselves. In later ones nothing was said where the
    // place of words is kept and there are none: a release in between kept it for an empty comment too.
    const apart = isStoredObject(stored) && 'format' in stored;
    const whole = apart
      ? withSaid(read, (path, kept) => said?.get(path) ?? (kept === PUT_APART ? '' : kept))
      : read;
    const list = found.get(attemptId) ?? [];
    found.set(attemptId, [...list, { id, number, mark: whole, by, at: at.toISOString() }]);
  }
  return found;
}
