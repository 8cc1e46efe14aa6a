import 'server-only';
import type { Transaction } from 'sequelize';
import { readMark, withSaid, type Mark } from '@/core/marking';
import { places, rowsOf } from './query';
import { textsOf } from './texts';

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
    const read = readMark(JSON.parse(mark));
    const whole = said === undefined ? read : withSaid(read, (path, kept) => said.get(path) ?? kept);
    const list = found.get(attemptId) ?? [];
    found.set(attemptId, [...list, { id, number, mark: whole, by, at: at.toISOString() }]);
  }
  return found;
}
