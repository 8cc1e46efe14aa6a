import fc from 'fast-check';
import { limitsOf, threadOf } from '@/core/test/thread';
import { FORM_60, FORM_WHITWORTH } from '@/core/thread/standards/thread-form';
import {
  bestWire,
  leadAngleCorrection,
  plainLeadAngleCorrection,
  overWires,
  pitchDiameterFrom,
  wireCaseOf,
  wireRange,
} from './three-wires';

/** ASME B1.2 / handbook table of best wires, from memory: 0.57735 P. */
test.each([
  [1 / 16, 0.03608],
  [1 / 24, 0.02406],
  [1 / 20, 0.02887],
  [2, 1.1547],
])('best wire for a pitch of %d is %d', (pitch, wire) => {
  expect(bestWire(pitch, 30)).toBeCloseTo(wire, 5);
});

/** Trade limits for the nominal crest: 0.5052 P (proud of the crest) to 1.0104 P (last touch of the flanks). */
test('the usable range at the nominal crest', () => {
  const range = wireRange(FORM_60, 1, 10, 10 - 0.64951905);
  expect(range.min).toBeCloseTo(0.5052, 4);
  expect(range.max).toBeCloseTo(1.0104, 4);
  const balls = wireRange(FORM_60, 1, 10 - 1.08253175, 10 - 0.64951905);
  expect(balls.min).toBeCloseTo(0.433, 3);
  expect(balls.max).toBeCloseTo(0.866, 3);
});

/**
 * Handbook worked value, from memory of the usual constant table: M = E + 3 w - 0.86603 / n, so for 1/2-13 and
 * best wire 0.04441 with E = 0.4500 M = 0.51661 without lead-angle correction.
 */
test('over wires by the constant of the handbooks', () => {
  const wireCase = {
    pitch: 1 / 13,
    lead: 1 / 13,
    wire: 0.04441,
    flankAngleDeg: 30,
    side: 'external' as const,
  };
  const plain = overWires(wireCase, 0.45) - leadAngleCorrection(wireCase, 0.45);
  expect(plain).toBeCloseTo(0.45 + 3 * 0.04441 - 0.86603 / 13, 5);
});

/**
 * Common practice: 1-10 over wires of 0.055, by the chart M = D + 3 w - 1.51554 P = 1.01345; 2A is 1.0054 to 1.0116, so
 * that cutting to the chart's figure leaves the part over by the allowance of 0.0018.
 */
test('a wire chart gives the basic size, over the largest of class 2A by its allowance', () => {
  const wireCase = wireCaseOf(threadOf('1-10 UNS-2A'), 0.055);
  const { min, max } = limitsOf('1-10 UNS-2A').pitchDiameter;
  const chart = 1 + 3 * 0.055 - 1.51554 * 0.1;
  expect(chart).toBeCloseTo(1.01345, 5);
  expect([overWires(wireCase, min), overWires(wireCase, max)].map((size) => size.toFixed(4))).toEqual([
    '1.0054',
    '1.0116',
  ]);
  expect(chart - overWires(wireCase, max)).toBeCloseTo(0.0018, 4);
});

test('the handbook correction is small for one start and grows with the square of the lead', () => {
  const one = plainLeadAngleCorrection(
    { pitch: 2, lead: 2, wire: 1.1547, flankAngleDeg: 30, side: 'external' as const },
    14.701,
  );
  const three = plainLeadAngleCorrection(
    { pitch: 2, lead: 6, wire: 1.1547, flankAngleDeg: 30, side: 'external' as const },
    14.701,
  );
  expect(one).toBeCloseTo(0.00162, 5);
  expect(three / one).toBeCloseTo(9, 9);
});

test('over wires and back gives the same pitch diameter', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 6, noNaN: true }),
      fc.double({ min: 12, max: 200, noNaN: true }),
      fc.double({ min: 0.51, max: 1, noNaN: true }),
      (pitch, pitchDiameter, share) => {
        const wireCase = {
          pitch,
          lead: pitch,
          wire: share * pitch,
          flankAngleDeg: 30,
          side: 'external' as const,
        };
        expect(pitchDiameterFrom(wireCase, overWires(wireCase, pitchDiameter))).toBeCloseTo(pitchDiameter, 9);
      },
    ),
  );
});

/** Closed form for balls in an internal thread without lead: M = d2 + 0.866025 P - w (common practice of ball gauging). */
test('over balls of an internal thread and back', () => {
  const wireCase = { pitch: 2.5, lead: 0, wire: 1.4434, flankAngleDeg: 30, side: 'internal' as const };
  expect(overWires(wireCase, 18.45)).toBeCloseTo(18.45 + (Math.sqrt(3) / 2) * 2.5 - 1.4434, 9);
  const real = { ...wireCase, lead: 2.5 };
  expect(pitchDiameterFrom(real, overWires(real, 18.45))).toBeCloseTo(18.45, 9);
  expect(overWires(real, 18.45)).not.toBeCloseTo(overWires(wireCase, 18.45), 4);
});

/** ASME B1.5 and the handbooks, from memory: best wire 0.51645 P for 29 degrees; ISO 2901 flanks 0.51764 P; BS 84 0.56369 P. */
test.each([
  ['1-5 Acme-2G', 0.51645],
  ['Tr30x6-7e', 0.51764],
  ['1-8 BSW medium bolt', 0.56369],
  ['G 3/4 A', 0.56369],
])('best wire of %s is %d P', (text, share) => {
  const thread = threadOf(text);
  expect(
    bestWire(thread.pitch.valueOf(), wireCaseOf(thread, 1).flankAngleDeg) / thread.pitch.valueOf(),
  ).toBeCloseTo(share, 5);
});

/** Handbook constants for 29 degrees, from memory: M = E + 4.9939 w - 1.933357 P. */
test('over wires of an Acme thread by the constant of the handbooks', () => {
  const wireCase = { ...wireCaseOf(threadOf('1-5 Acme-2G'), 0.10329), lead: 0 };
  expect(overWires(wireCase, 0.89)).toBeCloseTo(0.89 + 4.9939 * 0.10329 - 1.933357 * 0.2, 4);
});

test('a rounded crest ends the straight flank sooner', () => {
  const flat = wireRange({ ...FORM_WHITWORTH, crestRadius: 0 }, 1, 10, 10 - 0.640327);
  const round = wireRange(FORM_WHITWORTH, 1, 10, 10 - 0.640327);
  expect(round.max).toBeLessThan(flat.max);
  expect(round.min).toBe(flat.min);
  expect(0.5637).toBeGreaterThan(round.min);
});

test('over wires and back for every form, both sides, several starts', () => {
  const texts = [
    '3/4-16 UNF-2A (3 starts)',
    'M30x3.5-6H',
    '1 1/2-4 Acme-2G (2 starts)',
    '1 1/2-4 Acme-2G internal',
    'Tr40x14(P7)-7e',
    'Tr40x7-7H',
    '7/8-9 BSW medium bolt',
    'G 1 1/2',
  ];
  for (const text of texts) {
    const thread = threadOf(text);
    const { min, max } = limitsOf(text).pitchDiameter;
    const wireCase = wireCaseOf(
      thread,
      bestWire(thread.pitch.valueOf(), wireCaseOf(thread, 1).flankAngleDeg),
    );
    for (const size of [min, (min + max) / 2, max])
      expect(pitchDiameterFrom(wireCase, overWires(wireCase, size))).toBeCloseTo(size, 9);
  }
});
