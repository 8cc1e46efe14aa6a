import { BUDGETS } from './budgets';
import { randomUUID } from 'node:crypto';
import { appendEntry } from '@/data/append-entry';
import { database } from '@/data/database';
import { passOn } from '@/data/outcome';
import { change, rowOf } from '@/data/query';
import { sentEntry } from '@/data/test/fresh-database';
import type { FilledClass } from './filled-class';
import { kept, percentile } from './figures';

const ROUNDS = 120;
const AT_ONCE = 16;

/**
 * What it costs to record one entry, against a transaction of lock, read, insert and update that decides nothing:
 * in turns, so that both meet the same machine; alone, and 16 at once on as many attempts.
 */
export async function measureEntryCost({ instructor, attemptIds }: FilledClass): Promise<boolean> {
  const record = async (attemptId: number): Promise<void> => {
    passOn(await appendEntry(instructor, attemptId, sentEntry({ kind: 'sign-off', stepId: 'safety' })));
  };
  const bare = (attemptId: number): Promise<void> =>
    database().sequelize.transaction(async (transaction) => {
      await rowOf(
        'SELECT * FROM attempt_summaries WHERE attempt_id = ? FOR UPDATE',
        [attemptId],
        transaction,
      );
      await rowOf(
        'SELECT * FROM entries WHERE attempt_id = ? ORDER BY seq DESC LIMIT 1',
        [attemptId],
        transaction,
      );
      await change(
        `INSERT INTO entries (client_id, attempt_id, author_id, author_role, format, content, device_time, server_time)
          VALUES (?, ?, ?, 'instructor', 2, '{"kind":"sign-off","stepId":"safety"}', NOW(3), NOW(3))`,
        [randomUUID(), attemptId, instructor.id],
        transaction,
      );
      await change(
        'UPDATE attempt_summaries SET entries = entries + 1, last_entry_at = NOW(3) WHERE attempt_id = ?',
        [attemptId],
        transaction,
      );
    });
  const some = attemptIds.slice(0, AT_ONCE);
  const [first = 0, second = 0] = some;
  await record(first);
  const alone = { ours: [] as number[], bare: [] as number[] };
  const together = { ours: [] as number[], bare: [] as number[] };
  for (let round = 0; round < ROUNDS; round += 1) {
    alone.ours.push(await timed(() => record(first)));
    alone.bare.push(await timed(() => bare(second)));
  }
  await Promise.all(some.map(record));
  for (let round = 0; round < ROUNDS / 8; round += 1) {
    together.ours.push((await timed(() => Promise.all(some.map(record)))) / AT_ONCE);
    together.bare.push((await timed(() => Promise.all(some.map(bare)))) / AT_ONCE);
  }
  return [compare('one entry alone', alone), compare(`one entry of ${AT_ONCE} at once`, together)].every(
    Boolean,
  );
}

function compare(name: string, { ours, bare }: { ours: number[]; bare: number[] }): boolean {
  const [own, least] = [percentile(ours, 0.5), percentile(bare, 0.5)];
  console.log(
    `  ${name}: ${own.toFixed(2)} ms, the bare transaction ${least.toFixed(2)} ms (medians of turns)`,
  );
  return kept(`${name}, times the bare transaction`, own / least, BUDGETS.entryTimes, '×');
}

async function timed(run: () => Promise<unknown>): Promise<number> {
  const begin = performance.now();
  await run();
  return performance.now() - begin;
}
