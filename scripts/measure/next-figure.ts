import { adviseOn } from '@/core/exercise/record/advice/advise';
import { predict } from '@/core/exercise/record/state/predict';
import { MOST_ENTRIES } from '@/core/exercise/record/entry/room';
import type { Entry } from '@/core/exercise/record/entry/entry';
import { cutOf, goodSteps, plannedWork, recordOf, sheetOf } from '@/core/test/record';
import { BUDGETS } from './budgets';
import { kept, percentile } from './figures';

/** Entries that warm the process up, and those that are looked at. */
const WARM = 100;
const ROUNDS = 300;

/**
 * What a device reckons until the next figure stands there, in a record of 5,000 entries, times four for a processor slowed
 * so: the usual entry, which goes on from what was reckoned before.
 */
export function measureNextFigure(): boolean {
  const sheet = sheetOf();
  const last = sheet.passes.at(-1);
  if (last === undefined) throw new Error('No passes');
  const begun = [...goodSteps(sheet).slice(0, -2), ...plannedWork(sheet)];
  const rest = Array.from({ length: MOST_ENTRIES - begun.length }, () => cutOf(last));
  const all = recordOf([...begun, ...rest]);
  const took: number[] = [];
  let known: readonly Entry[] = all.slice(0, MOST_ENTRIES - WARM - ROUNDS);
  const begin = performance.now();
  predict(sheet, known);
  console.log(
    `  a record of ${known.length}, gone through once: ${(performance.now() - begin).toFixed(0)} ms`,
  );
  for (const entry of all.slice(known.length)) {
    known = [...known, entry];
    const from = performance.now();
    adviseOn(sheet, known, predict(sheet, known));
    took.push(4 * (performance.now() - from));
  }
  const looked = took.slice(WARM);
  console.log(`  the next figure, median: ${percentile(looked, 0.5).toFixed(1)} ms`);
  return kept(
    `the next figure in a record of ${MOST_ENTRIES}, slowed four times, p95`,
    percentile(looked, 0.95),
    BUDGETS.longRecord.nextFigureMs,
    'ms',
  );
}
