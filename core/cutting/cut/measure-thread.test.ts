import { depthCaseOf, pitchDiameterAt } from '@/core/thread/depth/radial-depth';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import { bestWire, overWires, type WireCase } from '@/core/measuring/gauging/three-wires';
import { threadOf } from '@/core/test/thread';
import type { Tip } from '@/core/thread/tool/tip';
import { axialDepth } from './off-centre';
import { cutThread } from './cut-thread';
import { grooveAfter, measuredOverWires, measureThread } from './measure-thread';
import { toolShape } from './tool-shape';
import type { CutCase } from './cut-case';

const flat: Tip = { kind: 'flat', flat: 0.25 };
const round: Tip = { kind: 'radius', radius: 0.28 };
const sharp: Tip = { kind: 'sharp' };
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
const wires: WireCase = { pitch: 2, lead: 2, wire: bestWire(2, 30), flankAngleDeg: 30, side: 'external' };
const feeds = (angleDeg: number, total: number, count: number): Pose[] =>
  Array.from({ length: count }, (_, k) =>
    poseOf({ compound: (total * (k + 1)) / count, compoundAngleDeg: angleDeg, fed: 1 }),
  );

/** Handbook rule, common practice: 0.75 P at 30 degrees with a flat of P/8 gives the basic pitch diameter, d - 0.649519 P. */
test('0.75 P at 30 degrees with a flat of P/8 gives the basic pitch diameter', () => {
  const { pitchDiameter, rootDiameter } = measureThread(cutThread(base, feeds(30, 1.5, 12)));
  expect(pitchDiameter).toBeCloseTo(16 - 0.64951905 * 2, 7);
  expect(rootDiameter).toBeCloseTo(16 - 2 * 1.5 * Math.cos(Math.PI / 6), 12);
});

/** The rules of radial depth (common practice), each with the tip that it assumes. */
test.each<[string, Tip, number]>([
  ['0.6495 P, flat P/8', flat, 0.64951905],
  ['0.6134 P, root rounded to H/6', { kind: 'radius', radius: (2 * 0.8660254) / 6 }, 0.61343],
  ['0.5413 P, basic form with a flat of P/4', { kind: 'flat', flat: 0.5 }, 0.54126588],
  ['0.7578 P, sharp', sharp, 0.75777],
])('%s plunged gives the basic pitch diameter', (_, tip, rule) => {
  const { pitchDiameter } = measureThread(
    cutThread({ ...base, shape: toolShape(tip, 30) }, feeds(0, rule * 2, 8)),
  );
  expect(pitchDiameter).toBeCloseTo(16 - 0.64951905 * 2, 3);
});

/** The second route: the closed form of core/thread/depth, for either side. */
test.each([sharp, flat, round])('a true groove has the pitch diameter of the closed form', (tip) => {
  for (const side of ['external', 'internal'] as const) {
    const cutCase = {
      ...base,
      side,
      workDiameter: side === 'external' ? 15.9 : 14,
      shape: toolShape(tip, 30),
    };
    const thread = cutThread(cutCase, feeds(29.5, 1.42, 10));
    const depthCase = { ...depthCaseOf(threadOf('M16x2-6g'), cutCase.workDiameter, tip), side };
    const last = thread.poses.at(-1)?.y ?? 0;
    expect(measureThread(thread).pitchDiameter).toBeCloseTo(pitchDiameterAt(depthCase, last), 12);
  }
});

/** Common practice: set from the wrong axis, flanks of 30 and a staircase about 60; c cos 60 deep. */
test('the wrong axis gives flanks of 30 and about 60, and half the depth', () => {
  const measured = measureThread(cutThread(base, feeds(60, 1.5, 15)));
  expect(measured.fed?.angleDeg).toBeCloseTo(30, 10);
  // A staircase of 15 steps, fitted: a degree and a half.
  expect(Math.abs((measured.other?.angleDeg ?? 0) - 60)).toBeLessThan(0.5);
  // The corner of the first cut, 1.4 of feed before the last, stands off the ideal flank by the sine of 60 - 30.
  expect(measured.other?.formError).toBeCloseTo(1.4 * Math.sin(Math.PI / 6), 10);
  expect(measured.rootDiameter).toBeCloseTo(16 - 2 * 0.75, 12);
});

test('true flanks are 30 degrees without error', () => {
  const { fed, other } = measureThread(cutThread(base, feeds(29.5, 1.45, 12)));
  for (const flank of [fed, other]) {
    expect(flank?.angleDeg).toBeCloseTo(30, 10);
    expect(flank?.formError).toBeLessThan(1e-12);
  }
});

/** By geometry: a corner stands off by its feed before the last times sin 1 degree when the compound stands a degree too far. */
test('31 degrees leaves steps on the other flank only', () => {
  const { fed, other } = measureThread(cutThread(base, feeds(31, 1.5, 15)));
  expect(fed?.formError).toBeLessThan(1e-12);
  expect(other?.formError).toBeCloseTo(1.4 * Math.sin(Math.PI / 180), 10);
  // A staircase of 15 steps, fitted.
  expect(Math.abs((other?.angleDeg ?? 0) - 31)).toBeLessThan(0.05);
});

test('a tilted tool leans: half angles unequal, their sum right', () => {
  const { fed, other } = measureThread(
    cutThread({ ...base, shape: toolShape(flat, 30, { tiltDeg: 2 }) }, feeds(29.5, 1.45, 12)),
  );
  expect(fed?.angleDeg).toBeCloseTo(28, 8);
  // 29.5 degrees of feed against a flank of 32: a fine staircase, fitted.
  expect(Math.abs((other?.angleDeg ?? 0) - 32)).toBeLessThan(0.02);
});

test('a 55 degree tool shows on both flanks', () => {
  const { fed, other } = measureThread(
    cutThread({ ...base, shape: toolShape(flat, 30, { includedDeg: -5 }) }, feeds(0, 1.3, 12)),
  );
  expect([fed?.angleDeg, other?.angleDeg]).toEqual([expect.closeTo(27.5, 8), expect.closeTo(27.5, 8)]);
});

/** The wire in a true groove: the second route is the measurement over wires of core/measuring/gauging. */
test.each([0.9, 1, 1.15])('a wire of %d times the best rests where the standard says', (share) => {
  const case1 = { ...wires, wire: wires.wire * share };
  for (const side of ['external', 'internal'] as const) {
    const cutCase = { ...base, side, workDiameter: side === 'external' ? 15.9 : 14 };
    const thread = cutThread(cutCase, feeds(29.5, 1.45, 12));
    const { pitchDiameter } = measureThread(thread);
    const wireCase = { ...case1, side };
    expect(measuredOverWires(thread, wireCase)).toBeCloseTo(overWires(wireCase, pitchDiameter ?? 0), 10);
  }
});

/** ASME B1.2, worked by hand for a plane groove: M = d2 + 3 w - 0.866025 P; the lead angle adds under 2 micrometres here. */
test('over wires of a true groove', () => {
  const thread = cutThread(base, feeds(30, 1.5, 12));
  const plane = 16 - 0.64951905 * 2 + 3 * wires.wire - 0.8660254 * 2;
  const measured = measuredOverWires(thread, wires) ?? 0;
  expect(measured - plane).toBeGreaterThan(0);
  expect(measured - plane).toBeLessThan(0.002);
});

test('in a staircase the wire rests on its steps, deeper than the width tells', () => {
  const thread = cutThread(base, feeds(50, 1.9, 12));
  const { pitchDiameter } = measureThread(thread);
  expect(measuredOverWires(thread, wires)).not.toBeCloseTo(overWires(wires, pitchDiameter ?? 0), 2);
});

test('too shallow has no pitch diameter, and neither has a groove that is everywhere too wide', () => {
  expect(measureThread(cutThread(base, feeds(29.5, 0.6, 3))).pitchDiameter).toBeNull();
  expect(
    measureThread(cutThread({ ...base, shape: toolShape({ kind: 'flat', flat: 1.2 }, 30) }, feeds(0, 0.5, 3)))
      .pitchDiameter,
  ).toBeNull();
  expect(measureThread(cutThread(base, [])).pitchDiameter).toBeNull();
  expect(measuredOverWires(cutThread(base, []), wires)).toBeNull();
});

test('crests that meet: no flat, a crest below the blank, a pitch diameter all the same', () => {
  const measured = measureThread(cutThread({ ...base, shape: toolShape(sharp, 30) }, feeds(0, 1.9, 12)));
  // A sharp groove 1.9 deep is 2.194 wide at the surface: neighbours meet at (2.194 - 2) / 2 cot 30.
  expect(measured.crestFlat).toBe(0);
  expect(measured.crestDiameter).toBeCloseTo(16 - 2 * (1.9 - Math.sqrt(3)), 10);
  expect(measured.pitchDiameter).toBeCloseTo(16 - 2 * (1.9 - Math.sqrt(3) / 2), 10);
});

/** Off centre by e a point Y from the axis turns at √(Y² + e²): by hand 0.5 off at 8: 8 - √((√63.75 - 1.2)² + 0.25). */
test('a tool off centre height cuts shallower, with flanks slightly curved', () => {
  const centre = { ...base, offCentre: 0.5 };
  expect(axialDepth(centre, 1.2)).toBeCloseTo(8 - Math.sqrt((Math.sqrt(63.75) - 1.2) ** 2 + 0.25), 14);
  expect(axialDepth(centre, 0)).toBeCloseTo(0, 14);
  const thread = cutThread(centre, feeds(29.5, 1.45, 12));
  const on = measureThread(cutThread(base, feeds(29.5, 1.45, 12)));
  const off = measureThread(thread);
  expect((off.pitchDiameter ?? 0) - (on.pitchDiameter ?? 0)).toBeCloseTo(
    levelByHand(0.5, thread.poses.at(-1)?.y ?? 0) - (on.pitchDiameter ?? 0),
    5,
  );
  expect(off.fed?.angleDeg ?? 0).toBeGreaterThan(30);
  expect(off.fed?.formError ?? 0).toBeGreaterThan(1e-4);
  expect((off.pitchDiameter ?? 0) - (on.pitchDiameter ?? 0)).toBeLessThan(0.02);
});

test('the chords of an off-centre groove depart by less than a millionth of the pitch', () => {
  const centre = { ...base, offCentre: 0.5 };
  const thread = cutThread(centre, feeds(29.5, 1.45, 12));
  const [level, exact] = [
    measureThread(thread).pitchDiameter ?? 0,
    levelByHand(0.5, thread.poses.at(-1)?.y ?? 0),
  ];
  expect(Math.abs(level - exact)).toBeLessThan(2e-6);
});

/** The groove half a pitch wide in the plane of the edge, taken to the section through the axis. */
function levelByHand(offCentre: number, depth: number): number {
  const plane = depth - (1 - 0.25) / 2 / Math.tan(Math.PI / 6);
  return 2 * Math.hypot(Math.sqrt(64 - offCentre ** 2) - plane, offCentre);
}

test('each pass of a table has its own size', () => {
  const thread = cutThread(base, feeds(29.5, 1.45, 12));
  const pose = thread.poses[11];
  expect(grooveAfter(thread, 12, pose ?? { x: 0, y: 0, start: 0 }).pitchDiameter).toBe(
    measureThread(thread).pitchDiameter,
  );
  expect(grooveAfter(thread, 1, thread.poses[0] ?? { x: 0, y: 0, start: 0 }).pitchDiameter).toBeNull();
  expect(measureThread(thread, 6).crestFlat).toBeGreaterThan(measureThread(thread).crestFlat);
});
