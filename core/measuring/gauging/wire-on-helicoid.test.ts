import { overWires, plainLeadAngleCorrection } from './three-wires';
import { wireAxisRadius, type HelicoidCase } from './wire-on-helicoid';

/** Second route: the gap between a ball and the flank, searched on a grid that is refined round its smallest value. */
function smallestGap(helicoid: HelicoidCase, radius: number): number {
  const { pitch, lead, pitchDiameter, wire, flankAngleDeg, side } = helicoid;
  const slope = (side === 'internal' ? -1 : 1) * Math.tan((flankAngleDeg * Math.PI) / 180);
  let [rMid, phiMid, rSpan, phiSpan] = [
    radius - ((side === 'internal' ? -1 : 1) * wire) / 4,
    0,
    wire / 2,
    0.5,
  ];
  let best = Infinity;
  for (let round = 0; round < 24; round += 1) {
    let at = [rMid, phiMid];
    for (let i = -10; i <= 10; i += 1) {
      for (let j = -10; j <= 10; j += 1) {
        const r = rMid + (rSpan * i) / 10;
        const phi = phiMid + (phiSpan * j) / 10;
        const z = pitch / 4 + (r - pitchDiameter / 2) * slope + (lead / (2 * Math.PI)) * phi;
        const distance = Math.hypot(r * Math.cos(phi) - radius, r * Math.sin(phi), z);
        if (distance < best) [best, at] = [distance, [r, phi]];
      }
    }
    [rMid, phiMid] = [at[0] ?? rMid, at[1] ?? phiMid];
    rSpan *= 0.4;
    phiSpan *= 0.4;
  }
  return best - wire / 2;
}

test.each([
  [
    'fine, one start',
    {
      pitch: 1 / 16,
      lead: 1 / 16,
      pitchDiameter: 0.7054,
      wire: 0.03608,
      flankAngleDeg: 30,
      side: 'external',
    },
  ],
  [
    'coarse on a small diameter',
    { pitch: 2.5, lead: 2.5, pitchDiameter: 9, wire: 1.4434, flankAngleDeg: 30, side: 'external' },
  ],
  [
    'three starts',
    { pitch: 2, lead: 6, pitchDiameter: 14.583, wire: 1.1547, flankAngleDeg: 30, side: 'external' },
  ],
  [
    'a ball in an internal thread',
    {
      pitch: 2.5,
      lead: 2.5,
      pitchDiameter: 18.45,
      wire: 1.4434,
      flankAngleDeg: 30,
      side: 'internal',
    },
  ],
  [
    '29 degree form, two starts',
    { pitch: 5, lead: 10, pitchDiameter: 20, wire: 2.6, flankAngleDeg: 14.5, side: 'external' },
  ],
] as [string, HelicoidCase][])('the wire touches and does not enter: %s', (_, helicoid) => {
  // The promised accuracy of the axis is 1e-12 of the unit; the grid search itself is good to a few 1e-13.
  expect(Math.abs(smallestGap(helicoid, wireAxisRadius(helicoid)))).toBeLessThan(2e-12);
});

test('without lead it is the plane solution', () => {
  const radius = wireAxisRadius({
    pitch: 2,
    lead: 0,
    pitchDiameter: 14,
    wire: 1.2,
    flankAngleDeg: 30,
    side: 'external',
  });
  expect(radius).toBeCloseTo(7 + 1.2 - Math.sqrt(3) / 2, 12);
});

test('for small lead angles the handbook term is right to a tenth, for several starts it is not', () => {
  const correction = (lead: number) => {
    const wireCase = { pitch: 2, lead, wire: 1.1547, flankAngleDeg: 30, side: 'external' } as const;
    return {
      exact: overWires(wireCase, 14.583) - overWires({ ...wireCase, lead: 0 }, 14.583),
      plain: plainLeadAngleCorrection(wireCase, 14.583),
    };
  };
  const one = correction(2);
  expect(one.exact / one.plain).toBeGreaterThan(0.9);
  expect(one.exact / one.plain).toBeLessThan(1.1);
  const four = correction(8);
  expect(Math.abs(four.exact - four.plain)).toBeGreaterThan(0.001);
});
