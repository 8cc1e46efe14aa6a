import fc from 'fast-check';
import {
  bestWire,
  leadAngleCorrection,
  plainLeadAngleCorrection,
  overWires,
  pitchDiameterFrom,
  wireRange,
} from './index';

/** ASME B1.2 / handbook table of best wires, from memory: 0.57735 P. */
test.each([
  [1 / 16, 0.03608],
  [1 / 24, 0.02406],
  [1 / 20, 0.02887],
  [2, 1.1547],
])('best wire for a pitch of %d is %d', (pitch, wire) => {
  expect(bestWire(pitch)).toBeCloseTo(wire, 5);
});

/** Trade limits for the nominal crest: 0.5052 P (proud of the crest) to 1.0104 P (last touch of the flanks). */
test('the usable range at the nominal crest', () => {
  const range = wireRange(1, 10, 10 - 0.64951905);
  expect(range.min).toBeCloseTo(0.5052, 4);
  expect(range.max).toBeCloseTo(1.0104, 4);
  const balls = wireRange(1, 10 - 1.08253175, 10 - 0.64951905);
  expect(balls.min).toBeCloseTo(0.433, 3);
  expect(balls.max).toBeCloseTo(0.866, 3);
});

/**
 * Handbook worked value, from memory of the usual constant table: M = E + 3 w - 0.86603 / n, so for 1/2-13 and
 * best wire 0.04441 with E = 0.4500 M = 0.51661 without lead-angle correction.
 */
test('over wires by the constant of the handbooks', () => {
  const wireCase = { pitch: 1 / 13, lead: 1 / 13, wire: 0.04441 };
  const plain = overWires(wireCase, 0.45) - leadAngleCorrection(wireCase, 0.45);
  expect(plain).toBeCloseTo(0.45 + 3 * 0.04441 - 0.86603 / 13, 5);
});

test('the handbook correction is small for one start and grows with the square of the lead', () => {
  const one = plainLeadAngleCorrection({ pitch: 2, lead: 2, wire: 1.1547 }, 14.701);
  const three = plainLeadAngleCorrection({ pitch: 2, lead: 6, wire: 1.1547 }, 14.701);
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
        const wireCase = { pitch, lead: pitch, wire: share * pitch };
        expect(pitchDiameterFrom(wireCase, overWires(wireCase, pitchDiameter))).toBeCloseTo(pitchDiameter, 9);
      },
    ),
  );
});

/** Closed form for balls in an internal thread without lead: M = d2 + 0.866025 P - w (common practice of ball gauging). */
test('over balls of an internal thread and back', () => {
  const wireCase = { pitch: 2.5, lead: 0, wire: 1.4434, side: 'internal' as const };
  expect(overWires(wireCase, 18.45)).toBeCloseTo(18.45 + (Math.sqrt(3) / 2) * 2.5 - 1.4434, 9);
  const real = { ...wireCase, lead: 2.5 };
  expect(pitchDiameterFrom(real, overWires(real, 18.45))).toBeCloseTo(18.45, 9);
  expect(overWires(real, 18.45)).not.toBeCloseTo(overWires(wireCase, 18.45), 4);
});
