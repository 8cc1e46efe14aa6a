import type { Tip } from '../tool';
import {
  chipAreas,
  depthForArea,
  grooveArea,
  grooveProfile,
  grooveWidth,
  integratedChipAreas,
  tipAt,
} from './index';

const flat: Tip = { kind: 'flat', flat: 0.25 };
const round: Tip = { kind: 'radius', radius: 0.28 };
const sharp: Tip = { kind: 'sharp' };
const readings = [0.05, 0.3, 0.6, 0.9, 1.2, 1.4];

test.each([
  ['sharp', sharp],
  ['flat', flat],
  ['radius', round],
])('closed form and integration agree for a %s tip', (_, tip) => {
  const grooveCase = { pitch: 2, tip, flankAngleDeg: 30, compoundAngleDeg: 29.5 };
  const exact = chipAreas(grooveCase, readings);
  const numeric = integratedChipAreas(grooveCase, readings);
  exact.forEach((area, index) => expect(numeric[index]).toBeCloseTo(area, 4));
  expect(exact.every((area) => area > 0)).toBe(true);
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
  const grooveCase = { pitch: 2, tip: flat, flankAngleDeg: 30, compoundAngleDeg: 29.5 };
  expect(chipAreas(grooveCase, [0.5, 0.5])[1]).toBe(0);
});

/** The faulty set-up of the trade: 30 on a scale that counts from the bed is 60 from the cross slide. */
test('at 60 degrees the trailing flank is left as a staircase and the last depth is c cos 60', () => {
  const grooveCase = { pitch: 2, tip: flat, flankAngleDeg: 30, compoundAngleDeg: 60 };
  const { axial, depth } = tipAt(grooveCase, 1);
  expect(depth).toBeCloseTo(0.5, 12);
  const behind = axial - 0.35;
  expect(grooveProfile(grooveCase, [0.5, 1])(behind)).toBeGreaterThan(grooveProfile(grooveCase, [1])(behind));
  const ahead = axial + 0.2;
  expect(grooveProfile(grooveCase, [0.5, 1])(ahead)).toBe(grooveProfile(grooveCase, [1])(ahead));
});

test('a groove wider than the pitch removes no more than there is', () => {
  const grooveCase = { pitch: 0.5, tip: sharp, flankAngleDeg: 30, compoundAngleDeg: 0 };
  const total = chipAreas(grooveCase, [0.3, 0.6]).reduce((sum, area) => sum + area, 0);
  expect(total).toBeLessThan(grooveArea(sharp, 30, 0.6));
  expect(total).toBeCloseTo(0.5 * 0.6 - 0.25 ** 2 / Math.tan(Math.PI / 6), 4);
});
