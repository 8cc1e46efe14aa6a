import { cutOf, goodSteps, happened, measuredAt, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { predict } from './predict';
import type { EntryContent } from '../entry/kinds';

/** A plunge in millimetres, so that depth is the reading of the dial: M10x1.5 from 9.95 (common practice). */
const PLUNGED = {
  'thread.designation': 'M10x1.5-6g',
  'work.diameter': '9.95',
  'infeed.way': 'plunge',
  'schedule.school': 'constant-infeed',
  'schedule.largest': '0.05',
  'work.end.width': '6',
  'work.threadLength': '20',
};
const flat = sheetOf({ ...PLUNGED, 'tool.tip.flat': '0.1875' });
const unknown = sheetOf({
  ...PLUNGED,
  'tool.tip.kind': 'not-measured',
  'proof.evidence.0.kind': 'nut',
  'proof.evidence.0.nut': '6H',
});
const inDial = (sheet: typeof flat, mm: number) =>
  sheet.lathe.dial.graduation.unit === 'in' ? mm / 25.4 : mm;
const at = (sheet: typeof flat, mm: number) => cutOf(sheet.passes[0]!, inDial(sheet, mm));
const tried = (answer: 'tight' | 'free', mm: number): EntryContent => ({
  kind: 'trial',
  purpose: 'mid',
  evidenceId: 'nut',
  stopId: null,
  answer,
  end: 'both',
  toShoulder: null,
  crest: null,
  reading: inDial(unknown, mm),
});
const after = (sheet: typeof flat, ...contents: EntryContent[]) =>
  predict(sheet, recordOf([...goodSteps(sheet), ...contents]));
/** d2 = Dm - 2 h + 2 (P/2 - f) 0.8660. */
const sizeOf = (depth: number, tipFlat: number) => 9.95 - 2 * depth + (1.5 - 2 * tipFlat) * 0.8660254;

describe('a tip and a zero that are known', () => {
  test('foretell one size', () => {
    const { size } = after(flat, at(flat, 0.8));
    expect(size?.min).toBeCloseTo(sizeOf(0.8, 0.1875), 6);
    expect(size?.max).toBe(size?.min);
  });
  test('paper under the tip takes its thickness off the depth', () => {
    const zeroed = { ...stepDone('touch-off'), choice: 'paper', value: 0.1 };
    expect(after(flat, zeroed, at(flat, 0.8)).size?.min).toBeCloseTo(sizeOf(0.7, 0.1875), 6);
  });
  test('short of touching nothing is foretold until the first chip is read', () => {
    const short = { ...stepDone('touch-off'), choice: 'short' };
    expect(after(flat, short, at(flat, 0.8)).size).toBeNull();
    const chip = happened('first-chip', { value: inDial(flat, 0.06) });
    expect(after(flat, short, chip, at(flat, 0.8)).size?.min).toBeCloseTo(sizeOf(0.74, 0.1875), 6);
  });
});

describe('the rows stand on the dial as its zero was taken', () => {
  const first = flat.passes[3]!;
  const on = (...contents: EntryContent[]) => after(flat, ...contents, at(flat, 0.3)).next!;
  test('with paper between, later by its thickness; after the scratch, earlier by its depth', () => {
    const paper = on({ ...stepDone('touch-off'), choice: 'paper', value: 0.1 });
    // The row's own depth, from a zero so far off the surface: nothing but whole graduations lies between.
    const deep = (row: { radialDepth: number }, off: number) => row.radialDepth + off;
    for (const [row, off] of [
      [paper, 0.1],
      [on({ ...stepDone('touch-off'), choice: 'scratch', value: 0.05 }), -0.05],
    ] as const)
      expect(Math.abs(inDial(flat, deep(row, off)) - row.dialReading.value)).toBeLessThan(
        flat.lathe.dial.graduation.value,
      );
  });
  test('nothing said: as the plan has it, also where the whole set-up is one tick', () => {
    const planned = { ...flat, way: { ...flat.way, zeroBy: 'short' as const } };
    expect(after(planned, stepDone('touch-off'), at(planned, 0.8)).size).toBeNull();
    const paper = { ...flat, way: { ...flat.way, zeroBy: 'paper' as const } };
    expect(after(paper, at(paper, 0.8)).size?.min).toBeCloseTo(sizeOf(0.7, 0.1875), 6);
    const older = { ...planned, reckoned: 'as-planned' as const };
    expect(after(older, at(older, 0.8)).size?.min).toBeCloseTo(sizeOf(0.8, 0.1875), 6);
  });
  test('the first chip tells the gap, and the rows go on from it', () => {
    const short = { ...stepDone('touch-off'), choice: 'short' };
    const chip = happened('first-chip', { value: inDial(flat, 0.06) });
    const { next, cuts } = after(flat, short, chip, cutOf(first));
    expect(cuts[0]?.planReading).toBeCloseTo(first.dialReading.value - inDial(flat, 0.06), 6);
    expect(next?.n).toBeLessThanOrEqual(first.n);
  });
});

test('a cut that the cross slide fed too goes deeper by what it stood beyond its zero', () => {
  const usual = sheetOf();
  const rough = usual.passes[3]!;
  const { cuts } = after(
    usual,
    cutOf(rough),
    { ...cutOf(rough), crossSlide: 0.002 },
    cutOf(usual.passes[5]!),
  );
  const [one, two, three] = cuts.map(({ depth }) => depth ?? NaN);
  expect((two ?? NaN) - (one ?? NaN)).toBeCloseTo(0.002, 6);
  // The compound alone goes on from where it stood.
  const step = usual.passes[5]!.dialReading.value - rough.dialReading.value;
  expect((three ?? NaN) - (one ?? NaN)).toBeCloseTo(step * Math.cos((29.5 * Math.PI) / 180), 6);
});

describe('what happens on the way', () => {
  test('zeros taken anew: unknown without an uncertainty, a band with one', () => {
    const cut = [at(flat, 0.5)];
    expect(after(flat, ...cut, happened('zero-lost')).segment.depthAtZero).toBeNull();
    const carried = after(flat, ...cut, happened('picked-up', { uncertainty: 0.02 }));
    expect(carried.segment.depthAtZero).toBeCloseTo(0.5, 6);
    const { zero } = carried.segment;
    const on = { ...at(flat, 0.3), zero };
    const { size } = after(flat, ...cut, happened('picked-up', { uncertainty: 0.02 }), on);
    expect(size?.min).toBeCloseTo(sizeOf(0.8, 0.1875) - 0.04, 6);
    expect(size?.max).toBeCloseTo(sizeOf(0.8, 0.1875) + 0.04, 6);
  });
  test('disturbed: a pass at no infeed is wanted, then a measurement foretells again', () => {
    const upset = [at(flat, 0.8), happened('disturbed')];
    expect(after(flat, ...upset).segment.wantsPassAtNoInfeed).toBe(true);
    const again = after(flat, ...upset, at(flat, 0.8));
    expect(again.segment.wantsPassAtNoInfeed).toBe(false);
    expect(again.cuts.at(-1)?.pitchDiameter).toBeNull();
    const measured = after(flat, ...upset, at(flat, 0.8), measuredAt(flat, flat.wires.overWires.max, 'mid'));
    const deeper = after(
      flat,
      ...upset,
      at(flat, 0.8),
      measuredAt(flat, flat.wires.overWires.max, 'mid'),
      at(flat, 0.82),
    );
    expect((measured.size?.min ?? NaN) - (deeper.size?.min ?? NaN)).toBeCloseTo(0.04, 6);
  });
  test('taken out and put back by its marks goes on as it was', () => {
    const { size } = after(flat, at(flat, 0.5), happened('taken-out'), at(flat, 0.8));
    expect(size?.min).toBeCloseTo(sizeOf(0.8, 0.1875), 6);
  });
  test('flanks worked by hand end the prediction', () =>
    expect(after(flat, at(flat, 0.8), happened('flanks-worked')).size).toBeNull());
  test('a cut whose reading was not taken leaves it open until the next reading', () => {
    const untold = { ...at(flat, 0.8), reading: null };
    expect(after(flat, at(flat, 0.5), untold).size).toBeNull();
    expect(after(flat, at(flat, 0.5), untold, at(flat, 0.8)).size?.min).toBeCloseTo(sizeOf(0.8, 0.1875), 6);
  });
});

describe('a tip that was not measured', () => {
  const { min, max } = unknown.proof[0]?.nut ?? { min: NaN, max: NaN };
  test('leaves a band from a point to the bluntest', () => {
    const { size } = after(unknown, at(unknown, 0.75));
    expect(size?.max).toBeCloseTo(sizeOf(0.75, 0), 6);
    expect(size?.min).toBeLessThan(sizeOf(0.75, 0.25));
  });
  test('the nut narrows it: tight is between the two sizes that the nut may have', () => {
    const untried = after(unknown, at(unknown, 0.75)).size;
    const { size } = after(unknown, at(unknown, 0.75), tried('tight', 0.75));
    expect(size?.min).toBeCloseTo(Math.max(min, untried?.min ?? NaN), 6);
    expect(size?.max).toBeCloseTo(max, 6);
    expect(size?.max).toBeLessThan(untried?.max ?? NaN);
  });
  test('from there on the depth tells it, whatever the tip', () => {
    const one = after(unknown, at(unknown, 0.75), tried('tight', 0.75));
    const two = after(unknown, at(unknown, 0.75), tried('tight', 0.75), at(unknown, 0.8));
    expect((one.size?.max ?? NaN) - (two.size?.max ?? NaN)).toBeCloseTo(0.1, 6);
  });
  test('tight at 0.75 implies a flat of about P/4 (common practice)', () => {
    const { implied } = after(unknown, at(unknown, 0.75), tried('tight', 0.75));
    expect(implied).toMatchObject({ of: 'tip' });
    if (implied?.of !== 'tip') return;
    expect(implied.flat.min).toBeLessThan(1.5 / 4);
    expect(implied.flat.max).toBeGreaterThan(1.5 / 4);
    // h0 - h for the largest nut of 6H, 9.206, and for the smallest, 9.026 (ISO 965-1), over 0.8660; the bluntest
    // tip that the root has room for lies a little before the latter.
    expect(implied.flat.min).toBeCloseTo(((9.95 - 9.206) / 2 + 0.6495191 - 0.75) / 0.8660254, 3);
    expect(implied.flat.max).toBeCloseTo(((9.95 - 9.026) / 2 + 0.6495191 - 0.75) / 0.8660254, 2);
  });
  test('a measurement settles the size, and the implied tip to one figure', () => {
    const { size, implied } = after(
      unknown,
      at(unknown, 0.9),
      measuredAt(unknown, unknown.wires.overWires.target, 'mid'),
    );
    expect(size?.max).toBe(size?.min);
    expect(implied?.of === 'tip' && implied.flat.max - implied.flat.min).toBeCloseTo(0, 9);
  });
});

describe('the zero that a measurement implies', () => {
  test('nothing is said where all agrees', () => {
    const right = after(flat, at(flat, 0.8));
    const over = flat.wires.overWires.target + ((right.size?.min ?? NaN) - flat.targetPitchDiameter);
    expect(after(flat, at(flat, 0.8), measuredAt(flat, over, 'mid')).implied).toBeNull();
    const off = after(flat, at(flat, 0.8), measuredAt(flat, over + 0.2, 'mid')).implied;
    expect(off?.of === 'zero' && off.gap.min).toBeCloseTo(0.1, 3);
  });
});

describe('what happens at a lathe, and what is known after it', () => {
  const [deep] = [at(flat, 0.8)];
  test.each(['damage-unused', 'help-given', 'gauge-wrong'] as const)('%s changes nothing', (event) => {
    expect(after(flat, deep, happened(event)).segment).toEqual(after(flat, deep).segment);
  });
  test.each(['tip-stoned', 'slide-moved', 'insert-turned'] as const)(
    'after %s the depth is not known',
    (event) => {
      expect(after(flat, deep, happened(event)).segment.depthAtZero).toBeNull();
    },
  );
  test('a pass whose reading nobody took, of no row, is no pass at no infeed', () => {
    const unread = { ...deep, plannedPass: null, reading: null, asPlanned: false };
    const asked = (cut: EntryContent) =>
      after(flat, deep, happened('centre-added'), cut).segment.wantsPassAtNoInfeed;
    expect(asked(unread)).toBe(true);
    expect(asked(deep)).toBe(false);
  });
  test('a centre, and a stoned tip, ask for a pass at no infeed; another corner for new zeros', () => {
    const { segment } = after(flat, deep, happened('centre-added'));
    expect(segment).toMatchObject({ wantsPassAtNoInfeed: true, wantsZero: null, depthAtZero: 0 });
    for (const event of ['tip-stoned', 'slide-moved'] as const)
      expect(after(flat, deep, happened(event)).segment.wantsPassAtNoInfeed).toBe(true);
    expect(after(flat, deep, happened('insert-turned')).segment.wantsZero).toBe('insert-turned');
  });
});

describe('a dial that was wound back says nothing before it is passed again', () => {
  const measured = measuredAt(flat, 9.2, 'mid');
  const back = at(flat, 0.5);
  test('the groove is as it was, measured or foretold', () => {
    expect(after(flat, at(flat, 0.8), back).size).toEqual(after(flat, at(flat, 0.8)).size);
    const tip = [at(unknown, 0.75), tried('tight', 0.75)] as const;
    expect(after(unknown, ...tip, at(unknown, 0.5)).size).toEqual(after(unknown, ...tip).size);
  });
  test('what was measured meanwhile is told from the deepest cut on', () => {
    const { size } = after(flat, happened('disturbed'), at(flat, 0.8), back, measured, at(flat, 0.8));
    const stood = after(flat, happened('disturbed'), at(flat, 0.8), measured).size;
    expect(size).toEqual(stood);
    const deeper = after(flat, happened('disturbed'), at(flat, 0.8), back, measured, at(flat, 0.85)).size;
    expect((stood?.min ?? 0) - (deeper?.min ?? 0)).toBeCloseTo(0.1, 6);
  });
  test('of a sheet that was handed out before, the numbers stay', () => {
    const older = { ...flat, reckoned: 'as-planned' as const };
    expect(after(older, at(older, 0.8), at(older, 0.5)).cuts.at(-1)?.depth).toBeCloseTo(0.5, 6);
  });
});

test('with a tip that is not known nothing is foretold beyond the bar', () => {
  const first = after(unknown, at(unknown, 0.02)).size;
  expect(first === null || first.max <= 9.95).toBe(true);
  const sizes = [0.02, 0.1, 0.2, 0.3, 0.4, 0.6].map((mm) => after(unknown, at(unknown, mm)).size);
  for (const size of sizes) if (size !== null) expect(size.max).toBeLessThanOrEqual(9.95 + 1e-9);
  expect(sizes[0]).toBeNull();
  expect(sizes.at(-1)).not.toBeNull();
});
