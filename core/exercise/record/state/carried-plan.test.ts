import { contextOf, cutOf, goodSteps, happened, recordOf, sheetOf } from '@/core/test/record';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { refigureKind } from '../entry/kinds/refigure';
import { cutsOf } from './cuts';
import { predict } from './predict';
import { readEntry } from '../entry/read-entry';
import type { EntryContent } from '../entry/kinds';

/** M16x2-6g by the compound, on a dial of 0.02 mm (common practice). */
const plan = sheetOf({ 'thread.designation': 'M16x2-6g' }, usualLathe('mm'));
const after = (...contents: EntryContent[]) => predict(plan, recordOf(contents));

describe('new zeros carry the plan on', () => {
  const [, , third, fourth, fifth] = plan.passes;
  const cut = plan.passes.slice(0, 3).map((pass) => cutOf(pass));
  const zeroed = after(...cut, happened('picked-up'));
  const { zero } = zeroed.segment;
  test('the next row is the same one, from where the dial now stands', () => {
    expect(zeroed.reading.value).toBe(0);
    expect(zeroed.next?.n).toBe(fourth?.n);
    const left = (fourth?.dialReading.value ?? 0) - (third?.dialReading.value ?? 0);
    expect(zeroed.next?.dialReading.value).toBeCloseTo(left, 9);
    expect(zeroed.next?.dialInfeed.value).toBeCloseTo(left, 9);
  });
  test('and so on from row to row, to the stop and the last one', () => {
    let contents: EntryContent[] = [...cut, happened('picked-up')];
    for (let guard = 0; guard < 40; guard += 1) {
      const { next } = after(...contents);
      if (next === null) break;
      contents = [...contents, { ...cutOf(next), zero }];
    }
    const done = after(...contents);
    expect(done.cuts.map(({ row }) => row?.n)).toEqual(plan.passes.map(({ n }) => n));
    expect(done.cuts.at(-1)?.planReading).toBeCloseTo(plan.passes.at(-1)?.dialReading.value ?? NaN, 6);
  });
  test('one touch records the figure that stands on the dial', () => {
    const entries = recordOf([...goodSteps(plan), ...cut, happened('picked-up')]);
    const read = readEntry({ kind: 'pass', plannedPass: String(fourth?.n) }, contextOf(plan, entries));
    expect(read.ok && read.value).toMatchObject({
      asPlanned: true,
      reading: zeroed.next?.dialReading.value,
    });
  });
  test('a cut shallower than its row leaves the rest of the row', () => {
    const shallow = cutOf(fourth!, (third?.dialReading.value ?? 0) + 0.02);
    const { next } = after(...cut, shallow);
    expect(next?.n).toBe(fourth?.n);
    expect(next?.dialInfeed.value).toBeCloseTo(
      (fourth?.dialReading.value ?? 0) - (third?.dialReading.value ?? 0) - 0.02,
      9,
    );
  });
  test('but not the last graduation of it alone, while a deeper row is to come', () => {
    const { next } = after(...cut, cutOf(fourth!, (fourth?.dialReading.value ?? 0) - 0.02));
    expect(next?.n).toBe(fifth?.n);
  });
  test('an own reading between two rows goes on with what is left to the later one', () => {
    const deep = (fifth?.dialReading.value ?? 0) - 0.02;
    const { next } = after(...cut, cutOf(fourth!, deep));
    expect([next?.n, next?.dialInfeed.value]).toEqual([fifth?.n, expect.closeTo(0.02, 6)]);
  });
});

test('what nobody can have cut does not make the groove endless: a tip of many pitches, a dial of many turns', () => {
  const wide: EntryContent = { kind: 'refigure', what: 'tip', value: 70, passes: plan.passes };
  const cuts = plan.passes.flatMap((pass, index) => [cutOf(pass), cutOf(pass, 900 + index)]);
  const { cuts: made, ...cut } = cutsOf(plan, recordOf([wide, ...cuts]));
  const thread = cut.thread();
  expect(made).toHaveLength(cuts.length);
  expect(Math.max(...thread.grounds.map((ground) => ground.length))).toBeLessThan(60);
  expect(made.filter(({ reading }) => reading > 100).every(({ depth }) => depth === null)).toBe(true);
  expect(refigureKind.refuses?.(wide as never, plan)).toMatchObject({ field: 'value' });
});
