import { parseDesignation, externalLimits } from '../thread';
import { tipHalfWidth, tipLimit, tipShortening } from './index';

/** Geometry of the 60 degree form: a flat f shortens by 0.866 f, a radius r by r (trade, section 4). */
test('what a tip stops short of its point', () => {
  expect(tipShortening({ kind: 'flat', flat: 1 }, 30)).toBeCloseTo(Math.sqrt(3) / 2, 12);
  expect(tipShortening({ kind: 'radius', radius: 1 }, 30)).toBeCloseTo(1, 12);
  expect(tipShortening({ kind: 'sharp' }, 30)).toBe(0);
  expect(tipShortening({ kind: 'flat', flat: 1 }, 14.5)).toBeCloseTo(
    0.5 / Math.tan((14.5 * Math.PI) / 180),
    12,
  );
});

test('where the root begins', () => {
  expect(tipHalfWidth({ kind: 'flat', flat: 1 }, 30)).toBe(0.5);
  expect(tipHalfWidth({ kind: 'radius', radius: 1 }, 30)).toBeCloseTo(Math.cos(Math.PI / 6), 12);
  expect(tipHalfWidth({ kind: 'sharp' }, 30)).toBe(0);
});

/** Basic profile (ISO 68-1, ASME B1.1): root flat P/4, largest root radius H/6 = 0.1443 P. */
test('at the top of the band the largest tip is that of the basic profile', () => {
  const read = parseDesignation('M16x2-6h');
  const limits = read.ok ? externalLimits(read.value.thread) : read;
  if (!read.ok || !limits.ok) throw new Error('M16');
  const limit = tipLimit(read.value.thread, limits.value, limits.value.pitchDiameter.max);
  expect(limit.flat).toBeCloseTo(0.5, 3);
  expect(limit.radius).toBeCloseTo((0.866025404 * 2) / 6, 3);
  const deeper = tipLimit(read.value.thread, limits.value, limits.value.pitchDiameter.min);
  expect(deeper.flat).toBeGreaterThan(limit.flat);
});
