import { contextOf, cutOf, goodSteps, happened, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { adviseOn } from '../advice/advise';
import { crestFlatBySize } from './crest-of-record';
import { grooveOfRecord } from './groove-of-record';
import { predict } from './predict';
import { readEntry } from '../entry/read-entry';
import { NOT_USED } from '../entry/not-used';
import type { Sheet } from '../../sheet/sheet';
import type { EntryContent } from '../entry/kinds';

/** 3/4-16 by the compound at 29.5 from the cross slide; h = c cos(angle), whatever the scale reads (common practice). */
const depthAt = (feed: number, angleDeg: number) => feed * Math.cos((angleDeg * Math.PI) / 180);
const onScale = (zeroAlong: 'bed' | 'cross-slide'): Sheet => {
  const lathe = usualLathe('in');
  return sheetOf(
    {},
    { ...lathe, compound: { ...lathe.compound, swivel: { ...lathe.compound.swivel, zeroAlong } } },
  );
};
const bed = onScale('bed');
const four = (sheet: Sheet) => sheet.passes.slice(0, 4).map((row) => ({ ...cutOf(row), allTheSame: true }));
const setTo = (value: number) => stepDone('compound', value);
const after = (sheet: Sheet, ...contents: EntryContent[]) =>
  predict(sheet, recordOf([...goodSteps(sheet), ...contents]));
const last = <T>(list: readonly T[]): T => list.at(-1) as T;

describe.each([
  ['cross-slide', 29.5, 60.5],
  ['bed', 60.5, 29.5],
] as const)('a scale that reads 0 along the %s', (zeroAlong, right, complement) => {
  const sheet = onScale(zeroAlong);
  const { value } = last(sheet.passes.slice(0, 4)).dialReading;
  test('at the mark of the plan the dial feeds as planned', () => {
    expect(sheet.compound.markDeg).toBe(right);
    const { cuts } = after(sheet, setTo(right + 0.4), ...four(sheet));
    expect(last(cuts).depth).toBeCloseTo(depthAt(value, 29.5), 9);
  });
  test('at its complement it goes about half as deep, and no flank is as planned', () => {
    const wrong = after(sheet, setTo(complement), ...four(sheet));
    expect(last(wrong.cuts).depth).toBeCloseTo(depthAt(value, 60.5), 9);
    const good = after(sheet, ...four(sheet));
    // 7/8 of a V less deep by so much leaves 2 x the difference more metal, and the staircase some of it again.
    expect((wrong.size?.min ?? 0) - (good.size?.min ?? 0)).toBeGreaterThan(0);
    const groove = (mark: number) =>
      grooveOfRecord(sheet, recordOf([...goodSteps(sheet), setTo(mark), ...four(sheet)]));
    expect(groove(complement).tool?.x).toBeCloseTo(
      -((groove(right).tool?.x ?? 0) < 0 ? 1 : -1) * value * Math.sin((60.5 * Math.PI) / 180),
      9,
    );
  });
});

test('another mark is reckoned as it is, and one at which nothing feeds in foretells nothing', () => {
  const { value } = last(four(bed).map(({ reading }) => ({ value: reading ?? 0 })));
  expect(last(after(bed, setTo(70), ...four(bed)).cuts).depth).toBeCloseTo(depthAt(value, 20), 9);
  for (const nowhere of [
    setTo(5),
    { ...setTo(0), value: null, how: 'not-done' as const, said: 'it was set' },
  ])
    expect(last(after(bed, nowhere, ...four(bed)).cuts)).toMatchObject({ depth: null, pitchDiameter: null });
});

test('mended in mid-course: what was cut stays as it was, new zeros come first, the rows go on from the true depth', () => {
  const wrong = [setTo(30), ...four(bed)];
  const mended = [...wrong, setTo(60.5)];
  const before = after(bed, ...wrong);
  const now = after(bed, ...mended);
  expect(now.cuts.map(({ depth }) => depth)).toEqual(before.cuts.map(({ depth }) => depth));
  expect(adviseOn(bed, recordOf([...goodSteps(bed), ...mended]))).toMatchObject({
    phase: 'zero',
    because: ['new-zero-asked'],
  });
  const groove = (contents: EntryContent[]) => grooveOfRecord(bed, recordOf(contents)).profile;
  expect(groove([...goodSteps(bed), ...mended])).toEqual(groove([...goodSteps(bed), ...wrong]));
  const zeroed = after(bed, ...mended, happened('picked-up', { uncertainty: 0 }));
  const { dialReading, reading } = zeroed.next!;
  // From 0 in the groove to the row's own depth: h = c cos 29.5 for both.
  const deep = last(before.cuts).depth ?? NaN;
  expect(depthAt(dialReading.value, 29.5) + deep).toBeGreaterThan(deep);
  expect(Math.abs(depthAt(dialReading.value, 29.5) + deep - depthAt(reading, 29.5))).toBeLessThan(0.0005);
  expect(zeroed.next!.n).toBeLessThan(5);
});

test('a compound that was not used blocks nothing, and what the cross slide fed straight in is as deep as it was fed', () => {
  const unused = { ...setTo(0), value: null, how: 'not-done' as const, said: NOT_USED };
  const plunged = [0.004, 0.009].map((crossSlide) => ({
    ...cutOf(bed.passes[0]!),
    plannedPass: null,
    reading: 0,
    asPlanned: false,
    crossSlide,
  }));
  const { blocks, cuts } = after(bed, unused, ...plunged);
  expect(blocks).toEqual([]);
  expect(cuts.map(({ depth }) => depth)).toEqual([expect.closeTo(0.004, 6), expect.closeTo(0.009, 6)]);
  const fields = { kind: 'step', stepId: 'compound', how: 'not-done', said: NOT_USED };
  expect(readEntry(fields, contextOf(bed, recordOf([])))).toMatchObject({ ok: true });
  // Along the bed it leads from start to start: that can not be left out.
  const leads = sheetOf({
    'thread.designation': '3/4-16 UNF-2A (2 starts)',
    'thread.startsBy': 'compound',
    'infeed.way': 'plunge',
  });
  expect(readEntry(fields, contextOf(leads, recordOf([])))).toMatchObject({ ok: false });
  const notDone = { ...unused, said: 'no time' };
  expect(after(bed, notDone).blocks).toContainEqual(expect.objectContaining({ id: 'compound' }));
});

test('the mark of the other axis is named for what it is; another is only wrong', () => {
  const says = (mark: number) =>
    after(bed, setTo(mark)).blocks.find(({ kind, id }) => kind === 'wrong' && id === 'compound')?.says;
  expect(says(29.5)).toBe('29.5° is the complement, counted from the other axis');
  expect(says(30)).toBe('30° is the complement, counted from the other axis');
  expect(says(45)).toMatch(/by a protractor .* both flanks/);
});

test('swung to a wrong mark with no cut made there, nothing was cut otherwise; a cut at it, or found so, is', () => {
  const otherwise = (...contents: EntryContent[]) => after(bed, ...contents).cutOtherwise;
  expect(otherwise(setTo(60.5), ...four(bed), setTo(45))).toBe(false);
  expect(otherwise(setTo(60.5), ...four(bed), setTo(45), setTo(60.5))).toBe(false);
  expect(otherwise(setTo(30), ...four(bed), setTo(60.5))).toBe(true);
  expect(otherwise(setTo(60.5), ...four(bed), { ...setTo(30), how: 'found' as const })).toBe(true);
});

test('found otherwise after the cuts, it stood so for them; set anew it did not', () => {
  const found = { ...setTo(30), how: 'found' as const };
  const depth = (...contents: EntryContent[]) => last(after(bed, ...contents).cuts).depth ?? NaN;
  const { value } = last(bed.passes.slice(0, 4)).dialReading;
  expect(depth(setTo(60.5), ...four(bed))).toBeCloseTo(depthAt(value, 29.5), 9);
  expect(depth(setTo(60.5), ...four(bed), found)).toBeCloseTo(depthAt(value, 60), 9);
  expect(depth(setTo(60.5), ...four(bed), setTo(30))).toBeCloseTo(depthAt(value, 29.5), 9);
  // Found, then set right: what was cut stays as it really was, and new zeros are asked for.
  const mended = after(bed, setTo(60.5), ...four(bed), found, setTo(60.5));
  expect(last(mended.cuts).depth).toBeCloseTo(depthAt(value, 60), 9);
  expect(mended.segment.wantsZero).not.toBeNull();
});

test('what the student has yet to find is not told by the drawing before it is judged', () => {
  const entries = recordOf([...goodSteps(bed), setTo(30), ...four(bed)]);
  const id = entries.findLast(({ content }) => content.kind === 'step' && content.stepId === 'compound')!.id;
  const held = (judged: object): Sheet => ({
    ...bed,
    steps: bed.steps.map((step) =>
      step.id === 'compound' ? { ...step, heldBack: true as const, ...judged } : step,
    ),
  });
  const depth = (sheet: Sheet) => last(predict(sheet, entries).cuts).depth ?? NaN;
  const { value } = last(bed.passes.slice(0, 4)).dialReading;
  expect(depth(held({}))).toBeCloseTo(depthAt(value, 29.5), 9);
  expect(depth(held({ judged: { entryId: id, verdict: 'wrong' } }))).toBeCloseTo(depthAt(value, 60), 9);
  expect(depth(held({ judged: { entryId: id, verdict: 'right' } }))).toBeCloseTo(depthAt(value, 29.5), 9);
});

test('of a sheet that was handed out before, no number that was told changes', () => {
  const older: Sheet = { ...bed, reckoned: 'as-planned' };
  const sizes = (...contents: EntryContent[]) =>
    after(older, ...contents, ...four(older)).cuts.map(({ pitchDiameter }) => pitchDiameter);
  expect(sizes(setTo(30))).toEqual(sizes());
});

test('a staircase that nothing recorded explains is said beside the drawing, and the crest by the size as far as that is known', () => {
  const form = bed.stops.find(({ check }) => check === 'form')!;
  const no: EntryContent = { kind: 'stop', stopId: form.id, answer: 'no', reading: null };
  const groove = (...contents: EntryContent[]) =>
    grooveOfRecord(bed, recordOf([...goodSteps(bed), ...contents]));
  expect(groove(...four(bed))).toMatchObject({ staircase: false, sure: true });
  expect(groove(...four(bed), no)).toMatchObject({ staircase: true });
  expect(groove(setTo(30), ...four(bed), no)).toMatchObject({ staircase: false });
  expect(groove(...four(bed), happened('picked-up', { uncertainty: 0.002 }))).toMatchObject({ sure: false });
  // Basic thread of 3/4-16: P/8 on the crest at the basic pitch diameter (ASME B1.1, basic profile).
  const basic = 0.75 - 0.64951905 / 16;
  const { min, max } = crestFlatBySize(bed, 0.75, { min: basic, max: basic + 0.001 });
  expect(min).toBeCloseTo(1 / 128, 6);
  expect(max).toBeCloseTo(1 / 128 + 0.001 * Math.tan(Math.PI / 6), 6);
});
