import { areaOf, envelope, profileDepth, surface } from '../geometry';
import { sampledChipAreas, sampledGroove } from '../test/sampled-groove';
import type { Tip } from '../tool';
import {
  chipAreas,
  crestFlat,
  depthForArea,
  grooveArea,
  grooveWidth,
  grounds,
  oneLead,
  tipAt,
  type GrooveCase,
} from './index';

const flat: Tip = { kind: 'flat', flat: 0.25 };
const round: Tip = { kind: 'radius', radius: 0.28 };
const sharp: Tip = { kind: 'sharp' };
const readings = [0.05, 0.3, 0.6, 0.9, 1.2, 1.4];
const base: GrooveCase = {
  pitch: 2,
  starts: 1,
  fed: 1,
  tip: flat,
  flankAngleDeg: 30,
  compoundAngleDeg: 29.5,
};
const feedsOf = (list: readonly number[], start = 0) => list.map((reading) => ({ reading, start }));
const overOneLead = (grooveCase: GrooveCase, feeds: ReturnType<typeof feedsOf>) =>
  grounds(grooveCase, feeds, oneLead(grooveCase)).at(-1) ?? [];

/** The oracle samples the groove at 20,000 places a lead: its own error is some 1e-6 of the pitch. */
test.each([
  ['sharp, nested', { tip: sharp }],
  ['flat, nested', {}],
  ['radius, nested', { tip: round }],
  ['flat, staircase of the wrong axis', { compoundAngleDeg: 60 }],
  ['radius, staircase', { tip: round, compoundAngleDeg: 60 }],
  ['sharp, crests that meet', { tip: sharp, pitch: 0.9, compoundAngleDeg: 10 }],
  [
    'radius, staircase whose crests meet, cut away from the headstock',
    { tip: round, pitch: 1.1, compoundAngleDeg: 45, fed: -1 as const },
  ],
  ['flat, two starts', { starts: 2 }],
])('areas of chips agree with the sampled groove: %s', (_, change) => {
  const grooveCase = { ...base, ...change };
  const feeds =
    grooveCase.starts === 1 ? feedsOf(readings) : [...feedsOf(readings, 0), ...feedsOf(readings, 1)];
  const exact = chipAreas(grooveCase, feeds);
  const numeric = sampledChipAreas(grooveCase, feeds);
  exact.forEach((area, index) => expect(Math.abs(area - (numeric[index] ?? 0))).toBeLessThan(4e-6));
  expect(exact.every((area) => area >= 0)).toBe(true);
  // What was removed is what is missing.
  const total = areaOf(grounds(grooveCase, feeds, oneLead(grooveCase)).at(-1) ?? []);
  expect(exact.reduce((sum, area) => sum + area, 0)).toBeCloseTo(total, 12);
});

test('the ground is the sampled groove at every place, to 1e-12', () => {
  for (const change of [
    {},
    { tip: round, compoundAngleDeg: 60 },
    { tip: sharp, compoundAngleDeg: 0, pitch: 0.8 },
  ]) {
    const grooveCase = { ...base, ...change };
    const feeds = feedsOf(readings);
    const ground = grounds(grooveCase, feeds, { from: -2, to: 3 }).at(-1) ?? [];
    const sampled = sampledGroove(grooveCase, feeds);
    for (let x = -1.99; x < 3; x += 0.0137) expect(profileDepth(ground, x)).toBeCloseTo(sampled(x), 11);
  }
});

/** Closed form of the groove's area (trade, section 6), the second route while every position lies inside the next. */
test.each([sharp, flat, round])('nested passes remove the differences of the closed form', (tip) => {
  const grooveCase = { ...base, tip };
  const areas = chipAreas(grooveCase, feedsOf(readings));
  const depth = (reading: number) => tipAt(grooveCase, { reading, start: 0 }).y;
  let before = 0;
  readings.forEach((reading, index) => {
    const area = grooveArea(tip, 30, depth(reading));
    expect(areas[index]).toBeCloseTo(area - before, 12);
    before = area;
  });
});

test('the flat on the crest is the pitch less the groove’s width, and nothing when crests meet', () => {
  const feeds = feedsOf([0.9]);
  const { y } = tipAt(base, { reading: 0.9, start: 0 });
  expect(crestFlat(base, overOneLead(base, feeds))).toBeCloseTo(2 - grooveWidth(flat, 30, y), 12);
  expect(crestFlat(base, overOneLead(base, []))).toBeCloseTo(2, 12);
  const close = { ...base, pitch: 0.9 };
  expect(crestFlat(close, overOneLead(close, feeds))).toBe(0);
});

test('a profile that lies on another changes nothing and stays in few pieces', () => {
  const ground = surface(0, 4);
  expect(envelope(ground, surface(1, 2))).toEqual(ground);
  expect(grounds(base, feedsOf(readings), { from: -1, to: 1 }).at(-1)?.length).toBeLessThan(8);
});

test('a sharp groove is a triangle, a flat one a trapezium', () => {
  expect(grooveArea(sharp, 30, 1)).toBeCloseTo(1 / Math.sqrt(3), 12);
  expect(grooveArea(flat, 30, 1)).toBeCloseTo(0.25 + 1 / Math.sqrt(3), 12);
  expect(grooveWidth(flat, 30, 1)).toBeCloseTo(0.25 + 2 / Math.sqrt(3), 12);
});

test('a radius tip cuts a circular segment first, and joins the flanks without a jump', () => {
  expect(grooveArea(round, 30, 0.28 * (1 - Math.cos(0.5)))).toBeCloseTo(
    0.28 ** 2 * (0.5 - Math.sin(0.5) * Math.cos(0.5)),
    12,
  );
  const joint = 0.28 * (1 - Math.sin(Math.PI / 6));
  expect(grooveArea(round, 30, joint + 1e-9)).toBeCloseTo(grooveArea(round, 30, joint - 1e-9), 7);
  expect(grooveWidth(round, 30, joint + 1e-9)).toBeCloseTo(grooveWidth(round, 30, joint - 1e-9), 4);
});

test.each([sharp, flat, round])('area and back gives the depth', (tip) => {
  for (const depth of [0.02, 0.1, 0.14, 0.7, 1.3]) {
    expect(depthForArea(tip, 30, grooveArea(tip, 30, depth))).toBeCloseTo(depth, 10);
  }
});

test('a spring pass removes nothing', () => {
  expect(chipAreas(base, feedsOf([0.5, 0.5]))[1]).toBe(0);
});

/** The faulty set-up of the trade: 30 on a scale that counts from the bed is 60 from the cross slide. */
test('at 60 degrees the trailing flank is left as a staircase and the last depth is c cos 60', () => {
  const grooveCase = { ...base, compoundAngleDeg: 60 };
  const { x, y } = tipAt(grooveCase, { reading: 1, start: 0 });
  expect(y).toBeCloseTo(0.5, 12);
  const at = (list: number[], place: number) =>
    profileDepth(grounds(grooveCase, feedsOf(list), { from: -1, to: 3 }).at(-1) ?? [], place);
  expect(at([0.5, 1], x - 0.35)).toBeGreaterThan(at([1], x - 0.35));
  expect(at([0.5, 1], x + 0.2)).toBe(at([1], x + 0.2));
});

test('a groove wider than the pitch removes no more than there is', () => {
  const grooveCase = { ...base, pitch: 0.5, tip: sharp, compoundAngleDeg: 0 };
  const total = chipAreas(grooveCase, feedsOf([0.3, 0.6])).reduce((sum, area) => sum + area, 0);
  expect(total).toBeLessThan(grooveArea(sharp, 30, 0.6));
  expect(total).toBeCloseTo(0.5 * 0.6 - 0.25 ** 2 / Math.tan(Math.PI / 6), 12);
});
