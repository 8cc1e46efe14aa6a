import fc from 'fast-check';
import { areaOf, profileDepth, mirroredShape } from '@/core/test/profile';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import { grooveArea } from '../groove/tip-profile';
import { sampledAreas, sampledCut } from '@/core/test/sampled-cut';
import type { Tip } from '@/core/thread/tool/tip';
import { bitesOf } from './bites';
import { cutThread, layerAfter } from './cut-thread';
import { groundOver } from './ground-over';
import { toolShape } from './tool-shape';
import type { CutCase } from './cut-case';

const flat: Tip = { kind: 'flat', flat: 0.25 };
const round: Tip = { kind: 'radius', radius: 0.28 };
const sharp: Tip = { kind: 'sharp' };
const READINGS = [0.05, 0.3, 0.6, 0.9, 1.2, 1.4];

const base: CutCase = {
  side: 'external',
  workDiameter: 16,
  pitch: 2,
  starts: 1,
  shape: toolShape(flat, 30),
  flankAngleDeg: 30,
  fed: 1,
  offCentre: 0,
};
const posesAt = (angleDeg: number, readings = READINGS, fed: 1 | -1 = 1, pitch = 2, start = 0): Pose[] =>
  readings.map((compound) =>
    poseOf({ compound, compoundAngleDeg: angleDeg, fed, carriage: start * pitch, start }),
  );

const CASES: [string, Partial<CutCase>, Pose[]][] = [
  ['sharp, nested', { shape: toolShape(sharp, 30) }, posesAt(29.5)],
  ['flat, nested', {}, posesAt(29.5)],
  ['radius, nested', { shape: toolShape(round, 30) }, posesAt(29.5)],
  ['flat, staircase of the wrong axis', {}, posesAt(60)],
  ['radius, staircase', { shape: toolShape(round, 30) }, posesAt(60)],
  ['sharp, crests that meet', { shape: toolShape(sharp, 30), pitch: 0.9 }, posesAt(10)],
  [
    'radius, staircase whose crests meet, fed the other way',
    { shape: toolShape(round, 30), pitch: 1.1, fed: -1 },
    posesAt(45, READINGS, -1),
  ],
  ['flat, two starts', { starts: 2 }, [...posesAt(29.5), ...posesAt(29.5, READINGS, 1, 2, 1)]],
  ['a tilted flat', { shape: toolShape(flat, 30, { tiltDeg: 4 }) }, posesAt(29.5)],
  ['a radius tilted the other way', { shape: toolShape(round, 30, { tiltDeg: -6 }) }, posesAt(29.5)],
  ['a 55 degree tool', { shape: toolShape(flat, 30, { includedDeg: -5 }) }, posesAt(29.5)],
  ['a full profile that cuts the crest', { shape: toolShape(round, 30, { crestHeight: 1.0 }) }, posesAt(0)],
  [
    'a wrong mark: the last cuts half a pitch off',
    {},
    posesAt(29.5).map((pose, index) => (index < 3 ? pose : { ...pose, x: pose.x + 1 })),
  ],
  [
    'cuts far along the axis, and one in air',
    {},
    [
      { x: 7.3, y: 0.4, start: 0 },
      { x: -9.1, y: 0.8, start: 0 },
      { x: 0, y: -0.2, start: 0 },
    ],
  ],
];

/** The field of heights has 20,000 places a lead; its own error, half a step where the edge ends, is some 1e-6 of the pitch. */
test.each(CASES)('areas agree with a fine field of heights: %s', (_, change, poses) => {
  const cutCase = { ...base, ...change };
  const thread = cutThread(cutCase, poses);
  const numeric = sampledAreas(cutCase, poses);
  thread.passes.forEach(({ removed }, index) =>
    expect(Math.abs(removed - (numeric[index] ?? 0))).toBeLessThan(2e-6 * cutCase.pitch * cutCase.starts),
  );
});

test.each(CASES)('the groove is the sampled one at every place, to 1e-11: %s', (_, change, poses) => {
  const cutCase = { ...base, ...change };
  const thread = cutThread(cutCase, poses);
  const sampled = sampledCut(cutCase, poses);
  const ground = groundOver(layerAfter(thread), thread.lead, { from: -3, to: 4 });
  for (let x = -2.999; x < 4; x += 0.0137) expect(profileDepth(ground, x)).toBeCloseTo(sampled(x), 11);
});

test.each(CASES)('what the cuts took is what is missing, part by part: %s', (_, change, poses) => {
  const thread = cutThread({ ...base, ...change }, poses);
  const total = thread.passes.reduce((sum, { removed }) => sum + removed, 0);
  expect(total).toBeCloseTo(areaOf(layerAfter(thread)), 11);
  thread.passes.forEach(({ removed }, index) => {
    const { fed, tip, other, crest } = bitesOf(thread, index);
    expect(fed.area + tip.area + other.area + crest.area).toBeCloseTo(removed, 11);
  });
});

/** Closed form of the groove's area (trade, section 6), the second route while every position lies inside the next. */
test.each([sharp, flat, round])('nested cuts take the differences of the closed form', (tip) => {
  const poses = posesAt(29.5);
  const { passes } = cutThread({ ...base, shape: toolShape(tip, 30) }, poses);
  let before = 0;
  poses.forEach(({ y }, index) => {
    const area = grooveArea(tip, 30, y);
    expect(passes[index]?.removed).toBeCloseTo(area - before, 12);
    before = area;
  });
});

/** By geometry: a flank along which the tool is fed takes nothing; plunged, both take the same. */
test('how a chip is shared between the parts of the edge', () => {
  const bites = (angle: number, tip: Tip, fed: 1 | -1 = 1) =>
    bitesOf(cutThread({ ...base, fed, shape: toolShape(tip, 30) }, posesAt(angle, [0.8, 1], fed)), 1);
  for (const tip of [sharp, flat, round]) {
    const along = bites(30, tip);
    expect(along.other.area).toBeLessThan(1e-12);
    expect(along.fed.area).toBeGreaterThan(along.tip.area);
    expect(bites(30, tip, -1).fed.area).toBeCloseTo(along.fed.area, 12);
  }
  const plunged = bites(0, flat);
  expect(plunged.fed.area).toBeCloseTo(plunged.other.area, 12);
  expect(plunged.tip.area).toBeCloseTo(0.25 * 0.2, 12);
  // Fed along the other flank by 0.2: a flat of 0.25 sweeps 0.25 wide and 0.2 cos 30 deep.
  expect(bites(30, flat).tip.area).toBeCloseTo(0.25 * 0.2 * Math.cos(Math.PI / 6), 12);
});

/** Square to the flank: 0.2 sin 30 plunged, 0.2 sin 60 when fed along the other flank; a layer between flanks 1.2 and 1.4 long is a trapezoid, so that area over edge is 1.3 / 1.4 of that. */
test('chip thickness', () => {
  const bites = (angle: number) =>
    bitesOf(cutThread({ ...base, shape: toolShape(sharp, 30) }, posesAt(angle, [1.2, 1.4])), 1);
  const mean = 1.3 / 1.4;
  const [along, plunged] = [bites(30).fed.thickness, bites(0).fed.thickness];
  expect(along).toBeCloseTo(mean * 0.2 * Math.sin(Math.PI / 3), 10);
  expect(plunged).toBeCloseTo(mean * 0.1, 10);
  expect(bites(29).other.thickness).toBeCloseTo(mean * 0.2 * Math.sin(Math.PI / 180), 10);
  expect(bitesOf(cutThread(base, []), 0).fed).toEqual({ area: 0, edge: 0, thickness: 0 });
});

test('a radius meets the chip over the whole of its arc', () => {
  const bites = bitesOf(cutThread({ ...base, shape: toolShape(round, 30) }, posesAt(0, [0.5, 0.7])), 1);
  expect(bites.tip.edge).toBeCloseTo(0.28 * (Math.PI - 2 * (Math.PI / 6)), 9);
});

const readings = fc
  .array(fc.double({ min: 0.005, max: 0.2, noNaN: true }), { minLength: 1, maxLength: 25 })
  .map((infeeds) =>
    infeeds.map((_, index) => infeeds.slice(0, index + 1).reduce((sum, each) => sum + each, 0)),
  );
const angles = fc.double({ min: 0, max: 65, noNaN: true });
const tips = fc.constantFrom(sharp, flat, round);

test('deeper never takes less, and areas are never negative', () => {
  fc.assert(
    fc.property(readings, angles, tips, (list, angle, tip) => {
      const thread = cutThread({ ...base, shape: toolShape(tip, 30) }, posesAt(angle, list));
      const areas = list.map((_, index) => areaOf(layerAfter(thread, index + 1)));
      areas.forEach((area, index) => expect(area).toBeGreaterThanOrEqual((areas[index - 1] ?? 0) - 1e-10));
      expect(thread.passes.every(({ removed }) => removed >= 0)).toBe(true);
    }),
  );
});

test('the hands are mirror images', () => {
  fc.assert(
    fc.property(
      readings,
      angles,
      tips,
      fc.double({ min: -8, max: 8, noNaN: true }),
      (list, angle, tip, tiltDeg) => {
        const shape = toolShape(tip, 30, { tiltDeg });
        const right = cutThread({ ...base, shape }, posesAt(angle, list, 1));
        const left = cutThread({ ...base, shape: mirroredShape(shape), fed: -1 }, posesAt(angle, list, -1));
        right.passes.forEach((pass, index) => {
          expect(left.passes[index]?.removed).toBeCloseTo(pass.removed, 10);
          expect(bitesOf(left, index).fed.area).toBeCloseTo(bitesOf(right, index).fed.area, 9);
        });
      },
    ),
  );
});

test('a cut at no infeed takes nothing, and nothing is cut above the surface', () => {
  const { passes } = cutThread(base, [...posesAt(29.5), ...posesAt(29.5, [1.4]), { x: 0, y: -1, start: 0 }]);
  expect(passes.slice(-2).map(({ removed }) => removed)).toEqual([0, 0]);
  expect(passes.at(-1)?.depth).toBe(0);
});

test('a groove wider than the pitch takes no more than there is', () => {
  const { passes } = cutThread({ ...base, pitch: 0.5, shape: toolShape(sharp, 30) }, posesAt(0, [0.3, 0.6]));
  const total = passes.reduce((sum, { removed }) => sum + removed, 0);
  expect(total).toBeLessThan(grooveArea(sharp, 30, 0.6));
  expect(total).toBeCloseTo(0.5 * 0.6 - 0.25 ** 2 / Math.tan(Math.PI / 6), 12);
});

test('nested cuts stay in few pieces', () => {
  expect(layerAfter(cutThread(base, posesAt(29.5))).length).toBeLessThan(8);
});
