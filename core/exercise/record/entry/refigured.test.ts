import { cutOf, goodSteps, recordOf, sheetOf } from '@/core/test/record';
import { predict } from '../state/predict';
import { refigured } from './refigured';

const twoStarts = sheetOf({
  'thread.designation': '3/4-16 UNF-2A (2 starts)',
  'thread.startsOrder': 'start-by-start',
});
const found = { tip: 0.012 };

/** The record after so many of the planned rows. */
const after = (rows: number, sheet = twoStarts) =>
  predict(sheet, recordOf([...goodSteps(sheet), ...sheet.passes.slice(0, rows).map((row) => cutOf(row))]));

describe('several starts, one after the other', () => {
  const ofFirst = twoStarts.passes.filter(({ start }) => start === 1);

  test('the plan really cuts the first start to depth before the second', () => {
    expect(twoStarts.passes.slice(0, ofFirst.length).every(({ start }) => start === 1)).toBe(true);
    expect(twoStarts.passes.length).toBe(2 * ofFirst.length);
  });
  test('a tip measured when the first start is cut makes every row of the second anew', () => {
    const before = after(ofFirst.length);
    const rows = refigured(twoStarts, before, found)!;
    const whole = refigured(twoStarts, after(0), found)!;
    const second = (all: typeof rows) =>
      all
        .filter(({ start }) => start === 2)
        .map(({ dialReading, chipArea }) => [dialReading.value, chipArea]);
    expect(second(rows)).toEqual(second(whole));
    expect(second(rows)).not.toEqual(second(twoStarts.passes));
    // What is cut stays as it was, and nothing of it is cut again.
    expect(rows.slice(0, ofFirst.length).map(({ dialReading }) => dialReading)).toEqual(
      ofFirst.map(({ dialReading }) => dialReading),
    );
    expect(rows.slice(ofFirst.length).every(({ start }) => start === 2)).toBe(true);
    const next = predict(twoStarts, [
      ...recordOf([
        ...goodSteps(twoStarts),
        ...ofFirst.map((row) => cutOf(row)),
        { kind: 'refigure', what: 'tip', value: found.tip, passes: rows },
      ]),
    ]).next;
    expect(next).toMatchObject({ start: 2, n: ofFirst.length + 1 });
  });
  test('in the midst of the second start its deeper rows follow anew, those of the first stay', () => {
    const cut = ofFirst.length + 3;
    const rows = refigured(twoStarts, after(cut), found)!;
    expect(rows.slice(0, cut).map(({ dialReading }) => dialReading)).toEqual(
      twoStarts.passes.slice(0, cut).map(({ dialReading }) => dialReading),
    );
    const standing = twoStarts.passes[cut - 1]!.dialReading.value;
    const ahead = rows.slice(cut);
    expect(ahead.every(({ start }) => start === 2)).toBe(true);
    expect(
      ahead.filter(({ kind }) => kind !== 'spring').every(({ dialReading }) => dialReading.value > standing),
    ).toBe(true);
  });
});

test('spring passes that are cut are not asked for again', () => {
  const sheet = sheetOf({ 'schedule.spring': '2' });
  const all = sheet.passes.length;
  const springs = (cut: number) =>
    refigured(sheet, after(cut, sheet), { 'work-diameter': sheet.workDiameter - 0.001 })!
      .slice(cut)
      .filter(({ kind }) => kind === 'spring').length;
  expect([springs(2), springs(all - 2), springs(all - 1), springs(all)]).toEqual([2, 2, 1, 0]);
});
