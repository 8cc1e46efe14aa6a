import { NO_BOOK } from '../plan-book';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { sheetFor } from '../../sheet/sheet-for';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { lengthIn, type Length } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { formOfPlan } from '../form-of-plan';
import { readPlan } from '../read/read-plan';
import { readStoredPlan, type Plan } from '../plan';

/** Plans of version 1 as the releases before stored them (data/test/version-1). */
const plans = JSON.parse(
  readFileSync(path.join(__dirname, '../../../../data/test/version-1/plans.json'), 'utf8'),
) as { title: string; thread: string; version: number }[];

test.each(plans.map((plan) => [plan.title, plan] as const))('a plan of version 1 opens: %s', (_, old) => {
  expect(old.version).toBe(1);
  const plan = readStoredPlan(old) as Plan;
  expect(plan).toMatchObject({
    version: 9,
    title: old.title,
    thread: { designation: old.thread, hand: 'right' },
  });
  const sheet = sheetFor({ plan, lathe: usualLathe('in'), book: NO_BOOK, words: USUAL_WORDS });
  expect(plan.work.end.kind).toBe(sheet.thread.side === 'internal' ? 'recess' : 'groove');
  expect(sheet.passes.length).toBeGreaterThan(4);
});

test.each(plans.map((plan) => [plan.title, plan] as const))(
  'and its form makes the same decisions again: %s',
  (_, old) => {
    const plan = readStoredPlan(old);
    const again = readPlan(formOfPlan(plan)).plan;
    // Its rows are worked out now, and its infeeds are kept in the thread's unit; all that was decided is the same.
    const decided = (of: typeof plan | null) => ({
      ...of,
      schedule:
        of &&
        Object.fromEntries(
          Object.entries(of.schedule.asked).map(([name, each]) => [
            name,
            each === null || typeof each === 'number' ? each : inches(each),
          ]),
        ),
    });
    expect(decided(again)).toEqual(decided(plan));
  },
);

const inches = (length: Length) => roundTo(lengthIn(length, 'in'), 7);
