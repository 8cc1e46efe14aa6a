import { limitsOf, threadOf } from '@/core/test/thread';
import { tipFit, tipLimit } from './tip-limit';
import { tipHalfWidth, tipShortening } from './tip';

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
  const limits = limitsOf('M16x2-6h');
  const thread = threadOf('M16x2-6h');
  const limit = tipLimit(thread, limits, limits.pitchDiameter.max);
  expect(limit.flat).toBeCloseTo(0.5, 3);
  expect(limit.radius).toBeCloseTo((0.866025404 * 2) / 6, 3);
  const deeper = tipLimit(thread, limits, limits.pitchDiameter.min);
  expect(deeper.flat).toBeGreaterThan(limit.flat);
});

/** Published widths of the tool, from memory: ASME B1.5 0.3707 P - 0.259 (clearance - allowance), ISO 2901 0.366 P - 0.536 a_c. */
test('for trapezoidal forms the largest flat is the published width of the tool', () => {
  const acme = limitsOf('1-5 Acme-2G');
  expect(tipLimit(threadOf('1-5 Acme-2G'), acme, acme.pitchDiameter.max).flat).toBeCloseTo(
    0.3707 * 0.2 - 0.259 * (0.02 - 0.008),
    4,
  );
  expect(tipLimit(threadOf('Tr30x6-7e'), limitsOf('Tr30x6-7e'), 27).flat).toBeCloseTo(
    0.366 * 6 - 0.536 * 0.5,
    2,
  );
});

test('inside, the largest tip at the basic profile is P/8', () => {
  const limits = limitsOf('M16x2-6H');
  expect(tipLimit(threadOf('M16x2-6H'), limits, limits.pitchDiameter.min).flat).toBeCloseTo(0.25, 3);
});

test('a tip is too blunt, fits, or is too sharp', () => {
  const [thread, limits] = [threadOf('M16x2-6g'), limitsOf('M16x2-6g')];
  const fit = (tip: Parameters<typeof tipFit>[3]) => tipFit(thread, limits, 14.583, tip);
  expect(fit({ kind: 'flat', flat: 0.6 })).toBe('too-blunt');
  expect(fit({ kind: 'flat', flat: 0.25 })).toBe('fits');
  expect(fit({ kind: 'flat', flat: 0.18 })).toBe('too-sharp');
  expect(fit({ kind: 'radius', radius: 0.4 })).toBe('too-blunt');
  // UNR asks for 0.108 P (ASME B1.1, from memory).
  expect(fit({ kind: 'radius', radius: 0.217 })).toBe('fits');
  expect(fit({ kind: 'radius', radius: 0.21 })).toBe('too-sharp');
  expect(fit({ kind: 'sharp' })).toBe('too-sharp');
});
