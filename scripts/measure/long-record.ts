import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import { MOST_ENTRIES } from '@/core/exercise/record/entry/room';
import { cutOf } from '@/core/test/record';
import { appendEntry } from '@/data/append-entry';
import { loadAttempt } from '@/data/attempts';
import { passOn } from '@/data/outcome';
import { change } from '@/data/query';
import { storedJson } from '@/data/stored-json';
import { sentEntry } from '@/data/test/fresh-database';
import { BUDGETS } from './budgets';
import type { FilledClass } from './filled-class';
import { kept, percentile } from './figures';

/** So many entries are added to a record that is nearly full; the first of them warm the process up. */
const ADDED = 160;
const WARM = 40;

/** What an entry costs on the server in a record of 5,000, in turns with one in a record of usual length. */
export async function measureLongRecord({ instructor, attemptIds }: FilledClass): Promise<boolean> {
  const [usual = 0, long = 0] = attemptIds.slice(-2);
  const { sheet, entries } = passOn(await loadAttempt(instructor, long));
  const last = sheet?.passes.at(-1);
  if (last === undefined) throw new Error('No passes');
  const { format } = ENTRY_KINDS.pass;
  await change(
    `INSERT INTO entries (client_id, attempt_id, author_id, author_role, format, content, device_time, server_time)
      SELECT UUID(), ?, ?, 'instructor', ?, ?, NOW(3), NOW(3) FROM seq_1_to_${MOST_ENTRIES - ADDED - entries.length - 1}`,
    [long, instructor.id, format, storedJson(cutOf(last))],
  );
  const add = (attemptId: number) =>
    timed(async () => void passOn(await appendEntry(instructor, attemptId, sentEntry({ ...cutOf(last) }))));
  const first = await add(long);
  console.log(`  the first entry after a start goes through the whole record: ${first.toFixed(0)} ms`);
  const took = { usual: [] as number[], long: [] as number[] };
  for (let round = 0; round < ADDED; round += 1) {
    took.usual.push(await add(usual));
    took.long.push(await add(long));
  }
  const of = (times: number[], share: number) => percentile(times.slice(WARM), share);
  console.log(
    `  p95 of an entry: ${of(took.long, 0.95).toFixed(1)} ms in a record of ${MOST_ENTRIES}, ${of(took.usual, 0.95).toFixed(1)} ms in one of usual length`,
  );
  const { entryMs, timesUsual } = BUDGETS.longRecord;
  return [
    kept(`an entry in a record of ${MOST_ENTRIES}, median`, of(took.long, 0.5), entryMs, 'ms'),
    kept('times one in a record of usual length', of(took.long, 0.5) / of(took.usual, 0.5), timesUsual, '×'),
  ].every(Boolean);
}

async function timed(run: () => Promise<void>): Promise<number> {
  const begin = performance.now();
  await run();
  return performance.now() - begin;
}
