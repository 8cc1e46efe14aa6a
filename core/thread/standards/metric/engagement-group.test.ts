import { threadOf } from '@/core/test/thread';
import { NORMAL_ENGAGEMENT } from './iso965-tables';
import { engagementEffect } from '../engagement-effect';
import { engagementGroup, normalEngagementMm } from './engagement-group';
import { threadLimits } from '../limits';
import type { MetricThread } from '../thread';

/** ISO 965-1, table 2, from memory. */
test.each([
  ['M16x2-6g', 8, 24],
  ['M10x1.5-6g', 5, 15],
  ['M20x1.5-6g', 5.6, 16],
  ['M30x2-6H', 8.5, 25],
  ['M64x6-6g', 32, 95],
])('%s: normal engagement over %d up to %d mm', (text, min, max) => {
  expect(normalEngagementMm(threadOf(text) as MetricThread)).toEqual({ min, max });
});

/** The printed values are rounded, that of P = 0.45 by most of all. */
test('every listed length is near its formula; pitches that are not listed take the formula', () => {
  for (const { overMm, normalMm } of NORMAL_ENGAGEMENT)
    for (const [pitch, [min, max]] of Object.entries(normalMm)) {
      const unit = Number(pitch) * overMm ** 0.2;
      for (const ratio of [min / (2.24 * unit), max / (6.7 * unit)]) {
        expect(ratio).toBeGreaterThan(0.85);
        expect(ratio).toBeLessThan(pitch === '0.45' ? 1.21 : 1.15);
      }
    }
  expect(normalEngagementMm(threadOf('M37x1.75-6g') as MetricThread).min).toBeCloseTo(
    2.24 * 1.75 * 22.4 ** 0.2,
    9,
  );
});

test('groups by length', () => {
  const thread = threadOf('M16x2-6g') as MetricThread;
  expect([5, 16, 40].map((length) => engagementGroup(thread, length))).toEqual(['S', 'N', 'L']);
});

test('a long engagement widens a unified tolerance and leaves the allowance; a shorter one changes nothing', () => {
  const thread = threadOf('3/4-16 UNF-2A');
  const normal = threadLimits(thread);
  const long = threadLimits(thread, 2);
  expect(long.tolerance.pitchDiameter).toBeGreaterThan(normal.tolerance.pitchDiameter);
  expect(long.allowance).toBe(normal.allowance);
  expect(long.pitchDiameter.max).toBe(normal.pitchDiameter.max);
  // ASME B1.1 formula by hand: 0.0015 (0.75^(1/3)) + 0.0015 sqrt 2 + 0.015 (1/16)^(2/3) = 0.0058.
  expect(long.tolerance.pitchDiameter).toBeCloseTo(0.0058, 9);
  expect(threadLimits(thread, 0.3)).toEqual(normal);
});

test('what a length of engagement does is said in words', () => {
  expect(engagementEffect(threadOf('3/4-16 UNF-2A'), 2)).toMatch(/^Longer than 0.7500 in.* is scaled/);
  expect(engagementEffect(threadOf('3/4-16 UNF-2A'), 0.5)).toMatch(/limits stay/);
  expect(engagementEffect(threadOf('M16x2-6g'), 40)).toMatch(/group L.*7g6g or 7H/);
  expect(engagementEffect(threadOf('M16x2-6g'), 5)).toMatch(/group S.*5g6g or 5H/);
  expect(engagementEffect(threadOf('M16x2-6g'), 16)).toMatch(/limits stay/);
  expect(engagementEffect(threadOf('7/8 BSW'), 1)).toMatch(/BS 84/);
  expect(engagementEffect(threadOf('Tr30x6-7e'), 40)).toMatch(/one set of limits/);
});
