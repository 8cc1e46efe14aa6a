import { cutOf, goodSteps, happened, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { predict } from '../state/predict';
import { grooveOfRecord } from '../state/groove-of-record';
import type { Sheet } from '../../sheet/sheet';
import type { EntryContent } from '../entry/kinds';
import type { Leaves } from '@/core/test/record';
import { rescueOfRecord, type RescueFound } from './rescue-of-record';
import { rescueWords } from './rescue-words';

const usual = usualLathe('in');
const { swivel } = usual.compound;
/** Its scale reads 0 along the bed: 60.5 is right, 30 swings the compound to 60 from the cross slide. */
const bedLathe = {
  ...usual,
  compound: { ...usual.compound, swivel: { ...swivel, zeroAlong: 'bed' as const } },
};
const sheetWith = (leaves: Leaves = {}) => sheetOf({ 'tool.tip.flat': '0.0078', ...leaves }, bedLathe);
const rows = (sheet: Sheet, count: number) =>
  sheet.passes.slice(0, count).map((row) => ({ ...cutOf(row), allTheSame: true }));
const entriesOf = (sheet: Sheet, ...contents: EntryContent[]) => recordOf([...goodSteps(sheet), ...contents]);
const rescue = (sheet: Sheet, ...contents: EntryContent[]): RescueFound => {
  const entries = entriesOf(sheet, ...contents);
  return rescueOfRecord(sheet, entries, predict(sheet, entries));
};
const WRONG = stepDone('compound', 30);

/** Depth that a tool with a flat leaves at x, by its shape alone (60 degrees): no code of the cut is asked. */
const cutAt = (x: number, tool: { x: number; y: number }, flat: number) =>
  tool.y - Math.max(0, Math.abs(x - tool.x) - flat / 2) * Math.sqrt(3);
/** The largest depth by which what was cut lies outside of what is wanted, on a fine grid. */
function outside(
  cut: readonly { x: number; y: number }[],
  wanted: { x: number; y: number },
  flat: number,
): number {
  let most = -Infinity;
  for (let step = -2000; step <= 2000; step += 1) {
    const x = wanted.x + (step / 2000) * 0.06;
    const was = Math.max(0, ...cut.map((pose) => cutAt(x, pose, flat)));
    most = Math.max(most, was - Math.max(0, cutAt(x, wanted, flat)));
  }
  return most;
}

describe.each([
  ['outside, right-hand', {}],
  ['outside, left-hand', { 'thread.designation': '3/4-16 UNF-2A LH' }],
  ['in a bore', { 'thread.designation': '3/4-16 UNF-2B' }],
] as const)('the compound at the mark of the other scale for most of the depth, %s', (_, leaves) => {
  const sheet = sheetWith(leaves);
  const entries = entriesOf(sheet, WRONG, ...rows(sheet, 7));
  const found = rescueOfRecord(sheet, entries, predict(sheet, entries));
  const { poses } = grooveOfRecord(sheet, entries).thread;
  const deepest = poses.reduce((a, b) => (b.y > a.y ? b : a));

  test('obeyed to the letter, what was cut lies inside the thread that comes of it', () => {
    if (found.found !== 'saveable') throw new Error(found.found);
    const { slides, rows: figures, move } = found.plan;
    const angle = (29.5 * Math.PI) / 180;
    const fed = Math.sign(deepest.x);
    const { compound, crossSlide } = slides ?? { compound: 0, crossSlide: 0 };
    const placed = {
      x: deepest.x + fed * compound * Math.sin(angle),
      y: deepest.y + compound * Math.cos(angle) + crossSlide,
    };
    expect(placed.y).toBeCloseTo(deepest.y, 4);
    expect(placed.x - deepest.x).toBeCloseTo(move, 4);
    const last = figures.at(-1)!;
    const end = { x: placed.x + fed * last * Math.sin(angle), y: placed.y + last * Math.cos(angle) };
    expect(outside(poses, end, 0.0078)).toBeLessThan(1e-4);
    // And it comes to the size: less than a graduation short of it.
    const wanted = sheet.radialDepth;
    expect(wanted - end.y).toBeGreaterThanOrEqual(-1e-6);
    expect(wanted - end.y).toBeLessThan(0.001);
    expect(outside(poses, { ...end, x: end.x + 3 * (found.mayBeOff + 0.002) }, 0.0078)).toBeGreaterThan(
      0.0005,
    );
  });
  test('moved as it says, and told so: what is cut on is drawn where it is wanted', () => {
    if (found.found !== 'saveable') throw new Error(found.found);
    const { rows: figures, move } = found.plan;
    const zero = happened('zero-lost', { uncertainty: 0, along: move });
    const set = stepDone('compound', 60.5);
    const before = [WRONG, ...rows(sheet, 7), set, zero];
    const cut = {
      ...cutOf(sheet.passes[7]!, figures.at(-1)),
      zero: entriesOf(sheet, ...before).at(-1)!.id,
      plannedPass: null,
      allTheSame: true,
    };
    const then = entriesOf(sheet, ...before, cut);
    const after = grooveOfRecord(sheet, then).thread.poses.at(-1)!;
    expect(after.x - deepest.x).toBeCloseTo(
      move + Math.sign(deepest.x) * figures.at(-1)! * Math.sin((29.5 * Math.PI) / 180),
      6,
    );
    expect(outside(poses, after, 0.0078)).toBeLessThan(1e-4);
  });
  test('it is told to the end in words and figures', () => {
    const { title, says } = rescueWords(sheet, found);
    expect(title).toBe('It can still be saved');
    expect(says.join(' ')).toMatch(/nest the tool .* off by 0\.\d+ in; beyond that a flank is lost/);
    expect(says.join(' ')).not.toMatch(/undefined|NaN|-0/);
    // In a bore the same slide goes deeper the other way: no word says in or out.
    expect(says.join(' ')).toMatch(/compound (deeper|back) by .* cross slide (deeper|back) by/);
    expect(says.join(' ')).not.toMatch(/\b(in|out) by\b|turning in/);
  });
});

test('all rows at the wrong mark: too wide for any shift, and what it still gives contains the groove', () => {
  const sheet = sheetWith();
  const last = sheet.passes.at(-1)!;
  const deeper = { ...cutOf(last, last.dialReading.value * 1.7), allTheSame: true };
  const entries = entriesOf(sheet, WRONG, ...rows(sheet, sheet.passes.length - 1), deeper);
  const found = rescueOfRecord(sheet, entries, predict(sheet, entries));
  if (found.found !== 'not-saveable') throw new Error(found.found);
  const { poses } = grooveOfRecord(sheet, entries).thread;
  const deepest = poses.reduce((a, b) => (b.y > a.y ? b : a));
  expect(found.gives.length).toBeGreaterThan(0);
  const away = found.gives.filter(({ sameGroove }) => !sameGroove);
  for (const { turnTo } of away) expect((sheet.workDiameter - turnTo) / 2).toBeGreaterThanOrEqual(deepest.y);
  expect(rescueWords(sheet, found).says.join(' ')).toMatch(/is the blank for/);
});

test('cut past its limit it gives a smaller one: of its pitch in the same groove, or turned below its root', () => {
  const pastBy = (designation: string, more: number) => {
    const sheet = sheetOf({ 'thread.designation': designation, 'infeed.way': 'plunge' });
    const last = sheet.passes.at(-1)!;
    const entries = entriesOf(
      sheet,
      ...rows(sheet, sheet.passes.length),
      cutOf(last, last.dialReading.value + more),
    );
    const found = rescueOfRecord(sheet, entries, predict(sheet, entries));
    if (found.found !== 'not-saveable') throw new Error(found.found);
    expect(found.tooDeep).toBe(true);
    const root = Math.max(...grooveOfRecord(sheet, entries).thread.poses.map(({ y }) => y));
    for (const { turnTo, sameGroove } of found.gives)
      expect(Math.abs(sheet.workDiameter - turnTo) / 2 < root).toBe(sameGroove);
    return found.gives;
  };
  // ISO 261 has M17x1.5 half a millimetre of radius below M18x1.5; its major diameter 6g is 16.732 to 16.968 (ISO 965-1).
  const [same] = pastBy('M18x1.5-6g', 0.012);
  expect(same).toMatchObject({ thread: 'M17x1.5-6g', sameGroove: true });
  expect(same!.turnTo).toBeCloseTo(16.85, 3);
  expect(pastBy('M18x1.5-6g-LH', 0.012)[0]?.thread).toBe('M17x1.5-6g-LH');
  const gone = pastBy('3/4-16 UNF-2A', 0.012);
  expect(gone).toMatchObject([{ thread: '5/8-11 UNC-2A', sameGroove: false }]);
});

test('where what is left on both flanks is more than a hand is off, nothing is moved', () => {
  const sheet = sheetWith({ 'infeed.angle': '25' });
  expect(rescue(sheet, ...rows(sheet, 2))).toMatchObject({
    found: 'saveable',
    plan: { move: 0, slides: null },
  });
});

test('at its depth nothing more is cut', () => {
  const sheet = sheetWith();
  const found = rescue(sheet, ...rows(sheet, sheet.passes.length));
  if (found.found !== 'saveable') throw new Error(found.found);
  expect(rescueWords(sheet, { ...found, plan: { ...found.plan, rows: [] } }).says).toContain(
    'Nothing deeper is to be cut: prove it as it is.',
  );
});

test('what is not known is said, and nothing is reckoned', () => {
  const sheet = sheetWith();
  const five = rows(sheet, 5);
  const why = (...contents: EntryContent[]) => {
    const found = rescue(sheet, ...contents);
    return found.found === 'not-known' ? found.why : found.found;
  };
  expect(why()).toBe('depth');
  expect(why(...five, { ...five[4]!, reading: null, asPlanned: false })).toBe('depth');
  expect(why(...five, happened('off-mark', { touched: true }))).toBe('second-groove');
  expect(why(...five, happened('off-mark', { touched: false }))).toBe('saveable');
  expect(why(...five, happened('flanks-worked'))).toBe('flanks');
  const form = sheet.stops.find(({ check }) => check === 'form')!;
  const look = (answer: string): EntryContent => ({ kind: 'stop', stopId: form.id, answer, reading: null });
  expect(why(...five, look('no'))).toBe('set-up');
  expect(why(...five, look('no'), look('yes'))).toBe('saveable');
  expect(why(WRONG, ...five, look('no'))).toBe('saveable');
  expect(rescueWords(sheet, rescue(sheet)).title).toMatch(/Not known/);
});
