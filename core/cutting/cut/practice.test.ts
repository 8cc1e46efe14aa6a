import { tipAt, type GrooveCase } from '../groove/groove-case';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import { limitsOf, threadOf } from '@/core/test/thread';
import type { Tip } from '@/core/thread/tool/tip';
import { cutFeeds } from './cut-feeds';
import { measureThread } from './measure-thread';

/**
 * What depths of practice really leave, cut pass by pass: common practice, the figures computed from its numbers by geometry
 * alone. The second route to the closed forms of core/thread/depth, and to where a rule lands at another angle than its own.
 */
const flat = (width: number): Tip => ({ kind: 'flat', flat: width });
const round = (radius: number): Tip => ({ kind: 'radius', radius });
const SHARP: Tip = { kind: 'sharp' };

function cut(named: string, workDiameter: number, tip: Tip, compoundAngleDeg: number, total: number) {
  const thread = threadOf(named);
  const groove: GrooveCase = {
    pitch: pitchOf(thread),
    starts: 1,
    tip,
    flankAngleDeg: formOf(thread).flankAngleDeg,
    compoundAngleDeg,
    fed: 1,
  };
  const feeds = Array.from({ length: 9 }, (_, k) => ({ reading: (total * (k + 1)) / 9, start: 0 }));
  return { groove, ...measureThread(cutFeeds(groove, { side: thread.side, workDiameter }, feeds)) };
}

test.each<[string, string, number, Tip, number, number, number, 'inside' | 'over' | 'under']>([
  ['1-12 bored to D - 1.0262/n, 0.0625 at 29', '1-12 UNF-2B', 0.9145, SHARP, 29, 0.0625, 0.9517, 'inside'],
  ['0.064, a slip for 0.75 P', '1-12 UNF-2B', 0.9145, SHARP, 29, 0.064, 0.9543, 'over'],
  ['5/8-18 plunged, a keen tip', '5/8-18 UNF-2A', 0.623, round(0.003), 0, 0.0361, 0.5929, 'over'],
  ['1/4-20, a full blank', '1/4-20 UNC-2A', 0.25, flat(1 / 160), 30, 0.038, 0.2167, 'over'],
  ['1/4-20, a small blank', '1/4-20 UNC-2A', 0.245, flat(1 / 160), 30, 0.038, 0.2117, 'under'],
  ['1/2-20 plunged, flat P/8', '1/2-20 UNF-2A', 0.5, flat(1 / 160), 0, 0.035, 0.4625, 'inside'],
  ['1/2-20 plunged, a keen tip', '1/2-20 UNF-2A', 0.5, round(0.003), 0, 0.035, 0.4673, 'over'],
  ['1/2-13 from a sample at 30', '1/2-13 UNC-2A', 0.49, flat(1 / 104), 30, 0.75 / 13, 0.44, 'under'],
  ['1/2-13 from a sample at 29.5', '1/2-13 UNC-2A', 0.49, flat(1 / 104), 29.5, 0.75 / 13, 0.4395, 'under'],
  ['3/4-16, 0.045 at 29.5', '3/4-16 UNF-2A', 0.7438, flat(0.0078), 29.5, 0.045, 0.7061, 'inside'],
])('%s', (_, named, work, tip, angle, total, lands, verdict) => {
  const { pitchDiameter } = cut(named, work, tip, angle, total);
  const { min, max } = limitsOf(named).pitchDiameter;
  expect(Math.abs((pitchDiameter ?? NaN) - lands)).toBeLessThan(6e-5);
  const found = (pitchDiameter ?? NaN) > max ? 'over' : (pitchDiameter ?? NaN) < min ? 'under' : 'inside';
  expect(found).toBe(verdict);
});

test('M12x1.75 plunged 1.3 mm is inside 6g for flats of 0.05 to 0.137 mm', () => {
  const { min, max } = limitsOf('M12x1.75-6g').pitchDiameter;
  for (const width of [0.051, 0.09, 0.136]) {
    const { pitchDiameter } = cut('M12x1.75-6g', 12, flat(width), 0, 1.3);
    expect(pitchDiameter).toBeGreaterThan(min);
    expect(pitchDiameter).toBeLessThan(max);
  }
  // A little outside of them it is not.
  expect(cut('M12x1.75-6g', 12, flat(0.04), 0, 1.3).pitchDiameter).toBeGreaterThan(max);
  expect(cut('M12x1.75-6g', 12, flat(0.147), 0, 1.3).pitchDiameter).toBeLessThan(min);
});

/** The crest is a point when the pitch diameter is the blank less 0.866 P, whatever the tip: 0.4567 for 1/2-20 from 0.500. */
test('crest to a point', () => {
  for (const tip of [SHARP, flat(0.004), round(0.003)]) {
    let [low, high] = [0.03, 0.05];
    for (let halving = 0; halving < 40; halving += 1) {
      const middle = (low + high) / 2;
      if (cut('1/2-20 UNF-2A', 0.5, tip, 0, middle).crestFlat > 0) low = middle;
      else high = middle;
    }
    expect(cut('1/2-20 UNF-2A', 0.5, tip, 0, high).pitchDiameter).toBeCloseTo(0.4567, 4);
  }
});

/** 8 TPI at 0.75 P and 29.5 degrees: the tool drifts 0.046 in sideways. */
test('the drift of the compound', () => {
  const { groove } = cut('1-8 UNC-2A', 1, flat(1 / 64), 29.5, 0.75 / 8);
  expect(tipAt(groove, { reading: 0.75 / 8, start: 0 }).x).toBeCloseTo(0.046, 3);
});
