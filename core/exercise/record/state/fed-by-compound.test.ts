import { contextOf, cutOf, goodSteps, measuredAt, recordOf, sheetOf } from '@/core/test/record';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { Told } from '@/core/test/told';
import type { Leaves } from '@/core/test/record';
import type { Sheet } from '../../sheet/sheet';
import type { EntryContent } from '../entry/kinds';
import type { PassContent } from '../entry/kinds/pass';
import { entryWords } from '../entry/entry-words';
import { readEntry } from '../entry/read-entry';
import { grooveOfRecord } from './groove-of-record';
import { predict } from './predict';

/** A slide at an angle counted from the cross slide feeds its cosine straight in and its sine along (common practice). */
const cos = (deg: number) => Math.cos((deg * Math.PI) / 180);
const usual = usualLathe('in');
const onDiameter = {
  ...usual,
  crossSlide: { ...usual.crossSlide, dial: { ...usual.compound.dial, reads: 'diameter' as const } },
};
const plunge = (leaves: Leaves = {}, lathe = usual) => sheetOf({ 'infeed.way': 'plunge', ...leaves }, lathe);
const rows = (sheet: Sheet, count: number) => sheet.passes.slice(0, count).map((row) => cutOf(row));
const byCompound = (sheet: Sheet, at: number, compound: PassContent['compound']): PassContent => ({
  ...cutOf(sheet.passes[0]!),
  plannedPass: null,
  asPlanned: false,
  reading: sheet.passes[at - 1]!.dialReading.value,
  compound,
});
const after = (sheet: Sheet, ...contents: EntryContent[]) =>
  predict(sheet, recordOf([...goodSteps(sheet), ...contents]));
const lastDepth = ({ cuts }: ReturnType<typeof after>) => cuts.at(-1)?.depth ?? NaN;

describe.each([
  ['outside', plunge()],
  ['in a bore', plunge({ 'thread.designation': '3/4-16 UNF-2B' })],
  ['left-hand', plunge({ 'thread.designation': '3/4-16 UNF-2A LH' })],
  ['on a dial that reads the diameter', plunge({}, onDiameter)],
  ['in millimetres', plunge({ 'thread.designation': 'M18x1.5-6g' })],
])('a plan that plunges, fed by the compound, %s', (_, sheet) => {
  const inThread = sheet.thread.unit === 'in' ? 1 : 25.4;
  const before = after(sheet, ...rows(sheet, 5));
  test.each([0, 29.5, 60, 90])('at %s° from the cross slide it goes its cosine deeper', (angleDeg) => {
    const now = after(sheet, ...rows(sheet, 5), byCompound(sheet, 5, { fed: 0.004, angleDeg }));
    expect((lastDepth(now) - lastDepth(before)) / inThread).toBeCloseTo(0.004 * cos(angleDeg), 6);
    // The dial stands where it stood, and the next row goes as deep as the plan has it, to half a graduation.
    expect(now.reading.value).toBe(before.reading.value);
    const then = after(sheet, ...rows(sheet, 5), byCompound(sheet, 5, { fed: 0.004, angleDeg }), {
      ...cutOf(now.next!, now.next!.dialReading.value),
      plannedPass: now.next!.n,
    });
    expect(Math.abs(lastDepth(then) - (now.next?.radialDepth ?? NaN))).toBeLessThan(0.0006 * inThread);
  });
  test('along the bed it moves the groove and takes nothing', () => {
    const entries = recordOf([...rows(sheet, 5), byCompound(sheet, 5, { fed: 0.004, angleDeg: 90 })]);
    const { poses } = grooveOfRecord(sheet, entries).thread;
    expect(Math.abs((poses.at(-1)?.x ?? 0) - (poses.at(-2)?.x ?? 0))).toBeCloseTo(0.004 * inThread, 6);
  });
  test('at an angle that nobody knows nothing is foretold before it is measured', () => {
    const cut = byCompound(sheet, 5, { fed: 0.004, angleDeg: null });
    const now = after(sheet, ...rows(sheet, 5), cut);
    expect([now.cuts.at(-1)?.depth, now.size]).toEqual([null, null]);
    const measured = measuredAt(sheet, sheet.wires.overWires.target, 'mid');
    expect(after(sheet, ...rows(sheet, 5), cut, measured).size?.min).toBeCloseTo(
      sheet.targetPitchDiameter,
      4,
    );
  });
});

describe('as it is typed', () => {
  const sheet = plunge();
  const context = (of: Sheet) => contextOf(of, recordOf([...goodSteps(of), ...rows(of, 3)]));
  const read = (fields: Record<string, string>, of = sheet) =>
    readEntry({ kind: 'pass', plannedPass: '', ...fields }, context(of));
  test('how far, and at which angle, with the dial where it stood', () => {
    const entry = read({ compound: '.002', compoundAngle: '29.5' });
    expect(entry).toMatchObject({
      ok: true,
      value: {
        reading: sheet.passes[2]!.dialReading.value,
        compound: { fed: 0.002, angleDeg: 29.5 },
        asPlanned: false,
      },
    });
    const [told] = entry.ok ? recordOf([entry.value]) : [];
    expect(told && entryWords(told, sheet).detail).toMatch(/compound fed 0\.0020 in at 29\.5°/);
    expect(read({ compound: '.002' })).toMatchObject({ value: { compound: { fed: 0.002, angleDeg: null } } });
  });
  test.each([
    ['0', '', 'compound'],
    ['-0.002', '', 'compound'],
    ['0.5', '', 'compound'],
    ['deep', '', 'compound'],
    ['0.002', '91', 'compoundAngle'],
    ['0.002', 'steep', 'compoundAngle'],
  ])('%s at %s is refused at its field', (compound, compoundAngle, field) =>
    expect(read({ compound, compoundAngle })).toMatchObject({ ok: false, issues: [{ field }] }),
  );
  test('a plan that feeds by the compound has its reading', () =>
    expect(read({ compound: '.002' }, sheetOf())).toMatchObject({
      ok: false,
      issues: [{ field: 'compound' }],
    }));
});

test('at an angle that nobody knows the next row is told with a protractor and a look at the flanks', () => {
  const told = new Told({ plan: { 'infeed.way': 'plunge' } }).begun().toRow(6);
  told.then({ do: 'cut', compound: '0.002' });
  expect(told.advice).toMatchObject({ phase: 'cut', because: ['angle-not-known'] });
  expect(told.says.sentence).toMatch(/protractor, and look at both flanks/);
});

test('the rows go on from there by one touch each, and the dial’s figure is the one that stands there', () => {
  const told = new Told({ plan: { 'infeed.way': 'plunge' } }).begun().toRow(6);
  const { reading } = told.record.prediction;
  told.then({ do: 'cut', compound: '0.002', compoundAngle: '0' });
  expect(told.record.prediction.cuts.at(-1)?.infeed).toBeCloseTo(0.002, 6);
  const { next } = told.record.prediction;
  const row = told.sheet.passes.find(({ n }) => n === next?.n);
  expect(next?.dialReading.value).toBeCloseTo((row?.dialReading.value ?? NaN) - 0.002, 6);
  expect(told.says.infeed).toBeCloseTo((next?.dialReading.value ?? NaN) - reading.value, 6);
});
