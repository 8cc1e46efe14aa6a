import { bestWire, overWires } from '@/core/measuring/gauging/three-wires';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { sheetWires } from '../../sheet/sheet-geometry';
import { cutOf, goodSteps, measuredAt, recordOf, sheetOf, contextOf } from '@/core/test/record';
import { finishBy, shopUncertainty } from '../state/finish-by';
import { measuredThread } from '../state/measured-thread';
import { predict } from '../state/predict';
import { questionReadings } from './question-readings';
import { readEntry } from '../entry/read-entry';
import type { EntryContent } from '../entry/kinds';

const sheet = sheetOf();
const cuts = sheet.passes.slice(0, 10).map((row) => cutOf(row));
const done = recordOf([...goodSteps(sheet), ...cuts]);
const prediction = predict(sheet, done);
const { diameter } = sheet.wires;
const size = (prediction.size!.min + prediction.size!.max) / 2;
const right = overWires(sheetWires(sheet, diameter), size);
const ask = (start: number, more: { zero?: number | null; wire?: number } = {}) =>
  questionReadings(sheet, prediction, {
    readings: { start },
    wire: diameter,
    zero: null,
    direct: false,
    ...more,
  });

test('a reading as the passes foretell it is not asked about; nor is any where nothing is foretold', () => {
  expect(ask(right)).toEqual([]);
  expect(ask(right + 0.0014)).toEqual([]);
  expect(
    questionReadings(sheet, { size: null }, { readings: { start: 9 }, wire: 1, zero: null, direct: false }),
  ).toEqual([]);
});

test.each([
  ['mm typed as inch', right * 25.4, 'other-unit'],
  ['a turn of the thimble too many', right + 0.025, 'turn-misread'],
  ['a turn too few', right - 0.025, 'turn-misread'],
  ['a zero that nobody looked at', right + 0.003, 'zero-forgotten'],
  // Best wires of 14 threads an inch in the place of those of 16: 3 (0.57735/14 - 0.57735/16) more.
  ['other wires', right + 3 * (0.57735 / 14 - diameter), 'other-wire'],
  ['something else', right + 0.012, 'unlike'],
])('%s is asked about', (_, reading, code) => {
  expect(ask(reading)[0]).toMatchObject({ place: 'start', code });
});

/** By the exact measurement with the other wire: outside and over balls in a nut, of every form, in both units. */
test.each([
  ['3/4-16 UNF-2A', 'in', 1 / 14],
  ['7/8-9 UNC-2B', 'in', 1 / 8],
  ['M16x2-6g', 'mm', 2.5],
  ['M30x2-6H', 'mm', 1.5],
  ['1-5 Acme-2G', 'in', 1 / 4],
  ['1-5 Acme-2G internal', 'in', 1 / 4],
  ['Tr40x7-7e', 'mm', 6],
  ['Tr40x7-7H', 'mm', 6],
] as const)('other wires are recognised at %s', (designation, unit, otherPitch) => {
  const of = sheetOf({ 'thread.designation': designation }, usualLathe(unit));
  const { target, wires } = { target: of.targetPitchDiameter, wires: of.wires };
  const other = bestWire(otherPitch, of.thread.flankAngleDeg);
  const reading = overWires(sheetWires(of, other), target);
  const ask = (start: number, wire: number) =>
    questionReadings(
      of,
      { size: { min: target, max: target } },
      { readings: { start }, wire, zero: 0, direct: false },
    );
  expect(ask(reading, wires.diameter)).toEqual([
    expect.objectContaining({
      code: 'other-wire',
      says: expect.stringContaining(String(other).slice(0, 5)) as string,
    }),
  ]);
  expect(ask(reading, other)).toEqual([]);
});

test('a zero that was looked at is taken off first, and not asked about again', () => {
  expect(ask(right + 0.003, { zero: 0.003 })).toEqual([]);
  expect(ask(right + 0.003, { zero: 0 })[0]?.code).toBe('unlike');
});

test('the zero is taken off the sizes; the readings stay as they were read', () => {
  const content = measuredAt(sheet, right, 'mid');
  if (content.kind !== 'measurement') throw new Error('It is one.');
  const off = { ...content, overWires: { start: right + 0.0004, middle: null, end: null }, zero: 0.0004 };
  expect(measuredThread(sheet, off).mean).toBeCloseTo(measuredThread(sheet, content).mean, 9);
});

test('instrument, zero and what was asked are read and kept; a zero beyond belief is refused at its field', () => {
  const fields = { kind: 'measurement', purpose: 'mid', start: right.toFixed(4) };
  expect(
    readEntry(
      { ...fields, instrument: 'Micrometer 0-25', zero: '-0.0003', questioned: 'unlike nonsense' },
      contextOf(sheet, done),
    ),
  ).toMatchObject({
    ok: true,
    value: { instrument: 'Micrometer 0-25', zero: -0.0003, questioned: ['unlike'] },
  });
  expect(readEntry({ ...fields, zero: '0.3' }, contextOf(sheet, done))).toMatchObject({
    ok: false,
    issues: [{ field: 'zero', code: 'out-of-range' }],
  });
  // 19.3 is the same thread in mm: said so, and not merely out of range.
  expect(readEntry({ ...fields, start: (right * 25.4).toFixed(3) }, contextOf(sheet, done))).toMatchObject({
    ok: false,
    issues: [{ field: 'start', message: expect.stringMatching(/reading in mm/) as string }],
  });
});

describe('how to finish', () => {
  const after = (over: number) => predict(sheet, [...done, ...recordOf([measuredAt(sheet, over, 'mid')])]);
  const target = sheet.wires.overWires;
  const step = (of: number): EntryContent => measuredAt(sheet, of, 'mid');

  test('nothing measured, nothing said', () => {
    expect(finishBy(sheet, prediction)).toBeNull();
    expect(step(1).kind).toBe('measurement');
  });

  test('much is left: so many cuts of the finishing infeed, in whole graduations, that do not go past the target', () => {
    const found = after(target.target + 0.008);
    const finish = finishBy(sheet, found)!;
    expect(finish).toMatchObject({ kind: 'cut' });
    if (finish.kind !== 'cut') return;
    const fed = finish.cuts * finish.each.value;
    expect(fed).toBeGreaterThanOrEqual(found.remaining!.compound - 0.001);
    expect(finish.each.value).toBeLessThanOrEqual(sheet.schedule.finishingInfeed.value + 1e-9);
  });

  test('inside, with no room for the smallest bite: stop', () => {
    const low = overWires(sheetWires(sheet, diameter), sheet.limits.pitchDiameter.min + 0.001);
    expect(finishBy(sheet, after(low))).toEqual({ kind: 'stop' });
  });

  test('at the target it is done; under the limit nothing brings metal back', () => {
    expect(finishBy(sheet, after(target.target))).toEqual({ kind: 'done' });
    expect(finishBy(sheet, after(target.min - 0.002))).toEqual({ kind: 'over-cut' });
  });

  test('the uncertainty of shop instruments over wires: micrometer and wires, k = 2 (GUM)', () => {
    // sqrt((0.0001 / sqrt 3)² + (3 x 0.00001)²) x 2 = 0.00013.
    expect(shopUncertainty(sheet, 'wires')).toBeCloseTo(0.00013, 5);
    expect(shopUncertainty(sheet, 'direct')).toBeLessThan(shopUncertainty(sheet, 'wires'));
  });
});
