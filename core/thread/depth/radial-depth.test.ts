import fc from 'fast-check';
import { MM_PER_INCH } from '@/core/base/units/length';
import { threadOf } from '@/core/test/thread';
import { depthCaseOf, pitchDiameterAt, radialDepthFor } from './radial-depth';

const flankAngleDeg = 30;
const side = 'external' as const;

/** Closed forms of the 60 degree profile (ISO 68-1): basic height from a sharp or flat tool at the nominal blank. */
test.each([
  ['sharp tip to d2: 0.7578 P', { kind: 'sharp' } as const, 0.7578],
  ['flat P/8: 0.6495 P', { kind: 'flat', flat: 0.125 } as const, 0.6495],
  ['flat P/4, basic form: 0.5413 P', { kind: 'flat', flat: 0.25 } as const, 0.5413],
  ['radius H/6: 0.6134 P', { kind: 'radius', radius: 0.866025404 / 6 } as const, 0.6134],
])('%s', (_, tip, height) => {
  const depth = radialDepthFor({ workDiameter: 10, pitch: 1, tip, flankAngleDeg, side }, 10 - 0.64951905);
  expect(depth).toBeCloseTo(height, 4);
});

const tips = fc.oneof(
  fc.constant({ kind: 'sharp' } as const),
  fc.double({ min: 0, max: 0.2, noNaN: true }).map((flat) => ({ kind: 'flat', flat }) as const),
  fc.double({ min: 0, max: 0.14, noNaN: true }).map((radius) => ({ kind: 'radius', radius }) as const),
);

test('depth and back gives the pitch diameter', () => {
  fc.assert(
    fc.property(tips, fc.double({ min: 9, max: 9.9, noNaN: true }), (tip, pitchDiameter) => {
      const depthCase = { workDiameter: 10, pitch: 1, tip, flankAngleDeg, side };
      const internal = { workDiameter: 8.9, pitch: 1, tip, flankAngleDeg, side: 'internal' as const };
      expect(pitchDiameterAt(internal, radialDepthFor(internal, pitchDiameter))).toBeCloseTo(
        pitchDiameter,
        10,
      );
      expect(pitchDiameterAt(depthCase, radialDepthFor(depthCase, pitchDiameter))).toBeCloseTo(
        pitchDiameter,
        10,
      );
    }),
  );
});

test('the same geometry in inch and in mm gives the same depth', () => {
  const inch = radialDepthFor(
    { workDiameter: 0.748, pitch: 1 / 16, tip: { kind: 'radius', radius: 0.008 }, flankAngleDeg, side },
    0.7054,
  );
  const mm = radialDepthFor(
    {
      workDiameter: 0.748 * MM_PER_INCH,
      pitch: MM_PER_INCH / 16,
      tip: { kind: 'radius', radius: 0.008 * MM_PER_INCH },
      flankAngleDeg,
      side,
    },
    0.7054 * MM_PER_INCH,
  );
  expect(mm / MM_PER_INCH).toBeCloseTo(inch, 12);
});

/** The trade's internal case: 0.75 P on the compound at 30 degrees assumes a sharp tool in the basic bore. */
test('internal: a sharp tool from the basic bore goes 0.6495 P to the basic pitch diameter', () => {
  const depth = radialDepthFor(
    { workDiameter: 10 - 1.08253175, pitch: 1, tip: { kind: 'sharp' }, flankAngleDeg, side: 'internal' },
    10 - 0.64951905,
  );
  expect(depth).toBeCloseTo(0.6495, 4);
});

test('depth and back for every form, both sides', () => {
  const threads = ['3/4-16 UNF-2B', '1-5 Acme-2G', 'Tr30x6-7H', '7/8 BSW', 'G 3/4 A'].map(threadOf);
  fc.assert(
    fc.property(
      fc.constantFrom(...threads),
      fc.double({ min: 0.1, max: 0.4, noNaN: true }),
      (thread, share) => {
        const pitch = thread.pitch.valueOf();
        const inward = thread.side === 'external' ? -1 : 1;
        const depthCase = depthCaseOf(thread, thread.nominalDiameter, {
          kind: 'radius',
          radius: 0.08 * pitch,
        });
        const size = thread.nominalDiameter + inward * share * pitch;
        expect(pitchDiameterAt(depthCase, radialDepthFor(depthCase, size))).toBeCloseTo(size, 10);
      },
    ),
  );
});
