import 'server-only';
import { Op, type Transaction } from 'sequelize';
import type { Entry, EntryContent } from '@/core/attempt';
import type { ConfirmedMark } from '@/core/marking';
import { database } from './database';
import type { PersonView } from './people';

/** The records of attempts, in their order, by attempt. */
export async function recordsOf(
  attemptIds: readonly number[],
  transaction?: Transaction,
): Promise<Map<number, Entry[]>> {
  const { EntryRow, Person } = database().models;
  const records = new Map<number, Entry[]>(attemptIds.map((id) => [id, []]));
  if (attemptIds.length === 0) return records;
  const rows = await EntryRow.findAll({
    where: { attemptId: { [Op.in]: [...attemptIds] } },
    order: [['seq', 'ASC']],
    // A record has hundreds of rows, read at every entry: plain objects are made ten times as fast as models.
    raw: true,
    transaction,
  });
  const authors = await Person.findAll({
    where: { id: { [Op.in]: [...new Set(rows.map((row) => row.authorId))] } },
    transaction,
  });
  const byId = new Map(authors.map(({ id, name, role }) => [id, { id, name, role }]));
  for (const row of rows) {
    const author = byId.get(row.authorId);
    if (author === undefined) continue;
    records.get(row.attemptId)?.push({
      id: row.clientId,
      author,
      deviceTime: row.deviceTime.toISOString(),
      serverTime: row.serverTime.toISOString(),
      content: JSON.parse(row.content) as EntryContent,
    });
  }
  return records;
}

export interface MarkView {
  mark: ConfirmedMark;
  by: PersonView['name'];
  at: string;
}

/** The confirmed marks of attempts, by attempt. */
export async function marksOf(
  attemptIds: readonly number[],
  transaction?: Transaction,
): Promise<Map<number, MarkView>> {
  const { MarkRow, Person } = database().models;
  const rows = await MarkRow.findAll({ where: { attemptId: { [Op.in]: [...attemptIds] } }, transaction });
  const people = await Person.findAll({
    where: { id: { [Op.in]: [...new Set(rows.map((row) => row.markedById))] } },
    transaction,
  });
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return new Map(
    rows.map((row) => [
      row.attemptId,
      {
        mark: JSON.parse(row.mark) as ConfirmedMark,
        by: names.get(row.markedById) ?? '',
        at: row.markedAt.toISOString(),
      },
    ]),
  );
}
