import 'server-only';
import type { Transaction } from 'sequelize';
import { database } from './database';
import { endGrantsOf } from './device-grants';
import { REMOVED } from './people';
import { change, places, rowsOf } from './query';

export interface Forgotten {
  id: number;
  texts: number;
}

/**
 * Takes a person out: the name, and what the person said or what was said of the person's work. Records and marks stay
 * whole; figures, times and points are nobody's words. Run by the owner of the tables, never by the application.
 * @returns what was taken out, for each person of that name
 */
export async function forget(name: string): Promise<Forgotten[]> {
  const people = await rowsOf<{ id: number }>('SELECT id FROM people WHERE name = ?', [name]);
  const forgotten: Forgotten[] = [];
  for (const { id } of people)
    forgotten.push({
      id,
      texts: await database().sequelize.transaction((transaction) => forgetPerson(id, transaction)),
    });
  return forgotten;
}

async function forgetPerson(id: number, transaction: Transaction): Promise<number> {
  const [before] = await rowsOf<{ count: number }>(
    'SELECT COUNT(*) AS count FROM texts WHERE person_id = ? AND body IS NOT NULL',
    [id],
    transaction,
  );
  await change('UPDATE people SET name = ? WHERE id = ?', [REMOVED, id], transaction);
  await change('UPDATE texts SET body = NULL WHERE person_id = ?', [id], transaction);
  // What was said of the person's own work: notes in the record, reasons and comments on the marks.
  await change(
    `UPDATE texts t JOIN entries e ON t.owner = 'entry' AND t.owner_id = e.client_id
      JOIN attempts a ON a.id = e.attempt_id SET t.body = NULL WHERE a.student_id = ?`,
    [id],
    transaction,
  );
  const marks = await rowsOf<{ id: number }>(
    'SELECT d.id FROM mark_decisions d JOIN attempts a ON a.id = d.attempt_id WHERE a.student_id = ?',
    [id],
    transaction,
  );
  const markIds = marks.map((mark) => String(mark.id));
  await change(
    `UPDATE texts SET body = NULL WHERE owner = 'mark' AND owner_id IN (${places(markIds)})`,
    markIds,
    transaction,
  );
  await change('SET @oyakata_forgets = 1', [], transaction);
  await change(
    `UPDATE entries e JOIN attempts a ON a.id = e.attempt_id
      SET e.content = JSON_REPLACE(e.content, '$.text', ?, '$.reason', ?)
      WHERE e.format = 1 AND (e.author_id = ? OR a.student_id = ?)`,
    [REMOVED, REMOVED, id, id],
    transaction,
  );
  await forgetInMarks(id, transaction);
  await change("UPDATE refused_entries SET sent = '{}' WHERE author_id = ?", [id], transaction);
  await change('SET @oyakata_forgets = 0', [], transaction);
  await change('DELETE FROM credentials WHERE person_id = ?', [id], transaction);
  for (const table of ['one_time_codes', 'second_factors', 'known_browsers', 'failed_tries'])
    await change(`DELETE FROM ${table} WHERE person_id = ?`, [id], transaction);
  // Sessions of the person end.
  await change(
    'UPDATE sessions SET ended_at = NOW(3) WHERE person_id = ? AND ended_at IS NULL',
    [id],
    transaction,
  );
  await endGrantsOf(id, transaction);
  return before?.count ?? 0;
}

/** Where a mark, of whatever version, holds what a person said. */
const WORDS_IN_MARKS = new Set(['comment', 'capLiftedReason', 'overrideReason']);

/** Marks of the release before kept their words inside. */
async function forgetInMarks(id: number, transaction: Transaction): Promise<void> {
  const rows = await rowsOf<{ id: number; mark: string }>(
    `SELECT d.id, d.mark FROM mark_decisions d JOIN attempts a ON a.id = d.attempt_id
      WHERE a.student_id = ? OR d.decided_by_id = ?`,
    [id, id],
    transaction,
  );
  for (const row of rows) {
    const mark: unknown = JSON.parse(row.mark, (key, value: unknown) =>
      WORDS_IN_MARKS.has(key) && typeof value === 'string' && value !== '' ? REMOVED : value,
    );
    await change(
      'UPDATE mark_decisions SET mark = ? WHERE id = ?',
      [JSON.stringify(mark), row.id],
      transaction,
    );
  }
}
