import { limitsOf, threadOf } from '@/core/test/thread';
import type { Tip } from '../tool/tip';
import { depthCaseOf, pitchDiameterAt, radialDepthFor } from './radial-depth';

/**
 * What depths of practice really leave, on the blanks and with the tips named: common practice, the figures computed from
 * its numbers by geometry alone. Limits: ASME B1.1 and ISO 965-1.
 */
const flat = (width: number): Tip => ({ kind: 'flat', flat: width });
const round = (radius: number): Tip => ({ kind: 'radius', radius });
const SHARP: Tip = { kind: 'sharp' };
const compound = (feed: number, angle: number) => feed * Math.cos((angle * Math.PI) / 180);
const leaves = (thread: string, work: number, tip: Tip, depth: number) =>
  pitchDiameterAt(depthCaseOf(threadOf(thread), work, tip), depth);

test.each<[string, string, number, Tip, number, number, 'inside' | 'over' | 'under']>([
  ['1-12 bored to D - 1.0262/n', '1-12 UNF-2B', 0.9145, SHARP, compound(0.0625, 29), 0.9517, 'inside'],
  ['0.064, a slip for 0.75 P', '1-12 UNF-2B', 0.9145, SHARP, compound(0.064, 29), 0.9543, 'over'],
  ['5/8-18 plunged, a keen tip', '5/8-18 UNF-2A', 0.623, round(0.003), 0.0361, 0.5929, 'over'],
  ['1/4-20, a full blank', '1/4-20 UNC-2A', 0.25, flat(1 / 160), compound(0.038, 30), 0.2167, 'over'],
  ['1/4-20, a small blank', '1/4-20 UNC-2A', 0.245, flat(1 / 160), compound(0.038, 30), 0.2117, 'under'],
  ['1/2-20, flat P/8', '1/2-20 UNF-2A', 0.5, flat(1 / 160), 0.035, 0.4625, 'inside'],
  ['1/2-20, a keen tip', '1/2-20 UNF-2A', 0.5, round(0.003), 0.035, 0.4673, 'over'],
  ['1/2-13 from a sample', '1/2-13 UNC-2A', 0.49, flat(1 / 104), compound(0.75 / 13, 30), 0.44, 'under'],
])('%s', (_, thread, work, tip, depth, lands, verdict) => {
  const { min, max } = limitsOf(thread).pitchDiameter;
  const size = leaves(thread, work, tip, depth);
  expect(size).toBeCloseTo(lands, 4);
  expect(size > max ? 'over' : size < min ? 'under' : 'inside').toBe(verdict);
});

test('5/8-18: stoning the tip to 0.0057 to 0.0080 brings the same plunge inside 2A', () => {
  const { min, max } = limitsOf('5/8-18 UNF-2A').pitchDiameter;
  for (const radius of [0.0057, 0.008]) {
    const size = leaves('5/8-18 UNF-2A', 0.623, round(radius), 0.0361);
    expect([size >= min - 5e-5, size <= max + 5e-5]).toEqual([true, true]);
  }
});

test('M12x1.75 plunged 1.3 mm is inside 6g for flats of 0.05 to 0.137 mm', () => {
  const { min, max } = limitsOf('M12x1.75-6g').pitchDiameter;
  const at = (width: number) => leaves('M12x1.75-6g', 12, flat(width), 1.3);
  expect(at(0.05)).toBeCloseTo(max, 2);
  expect(at(0.137)).toBeCloseTo(min, 2);
  expect([at(0.09) > min, at(0.09) < max]).toEqual([true, true]);
});

test('3/4-16 2A from 0.7438 with a flat of P/8 at 29.5 degrees: about 0.045 on the compound', () => {
  const thread = threadOf('3/4-16 UNF-2A');
  const { min, max } = limitsOf('3/4-16 UNF-2A').pitchDiameter;
  const depth = radialDepthFor(depthCaseOf(thread, 0.7438, flat(0.0078)), (min + max) / 2);
  expect(depth / compound(1, 29.5)).toBeCloseTo(0.045, 3);
});
