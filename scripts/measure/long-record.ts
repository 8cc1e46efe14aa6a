import { randomUUID } from 'node:crypto';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import { MOST_ENTRIES } from '@/core/exercise/record/entry/room';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { predict } from '@/core/exercise/record/state/predict';
import { cutOf, recordOf } from '@/core/test/record';
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

/**
 * What an entry costs in a record of 5,000: on the server, in its transaction; and what a device reckons until the next
 * figure stands there, times four for a processor slowed so.
 */
export async function measureLongRecord({ instructor, attemptIds }: FilledClass): Promise<boolean> {
  const attemptId = attemptIds.at(-1) ?? 0;
  const { sheet, entries } = passOn(await loadAttempt(instructor, attemptId));
  if (sheet === null) throw new Error('No sheet');
  const last = sheet.passes.at(-1);
  if (last === undefined) throw new Error('No passes');
  const { format } = ENTRY_KINDS.pass;
  const content = storedJson(cutOf(last));
  await change(
    `INSERT INTO entries (client_id, attempt_id, author_id, author_role, format, content, device_time, server_time)
      SELECT UUID(), ?, ?, 'instructor', ?, ?, NOW(3), NOW(3) FROM seq_1_to_${MOST_ENTRIES - ADDED - entries.length - 1}`,
    [attemptId, instructor.id, format, content],
  );
  const sent = () => sentEntry({ ...cutOf(last) });
  const first = await timed(async () => void passOn(await appendEntry(instructor, attemptId, sent())));
  console.log(`  the first entry after a start goes through the whole record: ${first.toFixed(0)} ms`);
  const each: number[] = [];
  for (let round = 0; round < ADDED; round += 1)
    each.push(await timed(async () => void passOn(await appendEntry(instructor, attemptId, sent()))));
  const record = passOn(await loadAttempt(instructor, attemptId)).entries;
  const device: number[] = [];
  let known: readonly Entry[] = record;
  predict(sheet, known);
  for (let round = 0; round < ADDED; round += 1) {
    known = [...known, ...recordOf([cutOf(last)]).map((entry) => ({ ...entry, id: randomUUID() }))];
    const begin = performance.now();
    adviseOn(sheet, known, predict(sheet, known));
    device.push(performance.now() - begin);
  }
  const { entryMs, nextFigureMs } = BUDGETS.longRecord;
  return [
    kept(`an entry in a record of ${MOST_ENTRIES}, p95`, percentile(each.slice(WARM), 0.95), entryMs, 'ms'),
    kept(
      'the next figure on a device slowed four times, p95',
      4 * percentile(device.slice(WARM), 0.95),
      nextFigureMs,
      'ms',
    ),
  ].every(Boolean);
}

async function timed(run: () => Promise<void>): Promise<number> {
  const begin = performance.now();
  await run();
  return performance.now() - begin;
}
