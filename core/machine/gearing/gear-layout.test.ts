import fc from 'fast-check';
import { gearOutline, layGears } from './gear-layout';

const teeth = fc.integer({ min: 12, max: 127 });

test('pitch circles touch, shafts are shared, and a tooth stands in a gap', () => {
  fc.assert(
    fc.property(teeth, teeth, teeth, teeth, (a, b, c, d) => {
      const gears = layGears([
        { teeth: a, same: false },
        { teeth: b, same: false },
        { teeth: c, same: true },
        { teeth: d, same: false },
      ]);
      const [A, B, C, D] = gears;
      if (A === undefined || B === undefined || C === undefined || D === undefined) throw new Error('four');
      expect(Math.hypot(B.x - A.x, B.y - A.y)).toBeCloseTo((a + b) / 2, 9);
      expect([C.x, C.y, C.shaft]).toEqual([B.x, B.y, B.shaft]);
      for (const [one, other] of [
        [A, B],
        [C, D],
      ] as const) {
        const line = Math.atan2(other.y - one.y, other.x - one.x);
        const past = (angle: number, { phase, teeth: count }: typeof one) =>
          (((angle - phase) * count) / (2 * Math.PI)) % 1;
        // Seen from both centres the two phases make half a tooth: tooth against gap.
        const sum = past(line, one) + past(line + Math.PI, other);
        expect(Math.abs(((((sum - 0.5) % 1) + 1.5) % 1) - 0.5)).toBeLessThan(1e-6);
      }
    }),
    { numRuns: 100 },
  );
});

test('an outline has four corners a tooth, between root and tip circle', () => {
  const outline = gearOutline(40, 0);
  expect(outline).toHaveLength(160);
  for (const { x, y } of outline) {
    expect(Math.hypot(x, y)).toBeGreaterThanOrEqual(18.75 - 1e-9);
    expect(Math.hypot(x, y)).toBeLessThanOrEqual(21 + 1e-9);
  }
});
