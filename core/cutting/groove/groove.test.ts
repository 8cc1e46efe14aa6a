import type { Tip } from '@/core/thread/tool/tip';
import { depthForArea, grooveArea, grooveWidth } from './tip-profile';

const flat: Tip = { kind: 'flat', flat: 0.25 };
const round: Tip = { kind: 'radius', radius: 0.28 };
const sharp: Tip = { kind: 'sharp' };

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
