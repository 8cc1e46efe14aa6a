import fc from 'fast-check';
import { pitchDiameterAt } from '@/core/thread/depth/radial-depth';
import { threadLimits } from '@/core/thread/standards/limits';
import { threadOf } from '@/core/test/thread';
import { EVIDENCE_DATA, EVIDENCE_KINDS, evidenceKindOf } from './evidence';
import { pitchDiameterByCrestFlat } from './crest-flat';
import { takesOutOfClass } from './nut-strength';

describe('the crest flat tells the pitch diameter', () => {
  test('d2 = Dm - 1.732 (P/2 - F): the basic form has P/8 at the crest (ISO 68-1)', () => {
    expect(pitchDiameterByCrestFlat('external', 0.75, 0.0625, 0.0625 / 8, 30)).toBeCloseTo(
      0.75 - 0.649519 * 0.0625,
      6,
    );
  });
  test('a crest that comes to a point: 0.4567 from a blank of 0.500 at 20 TPI (common practice)', () =>
    expect(pitchDiameterByCrestFlat('external', 0.5, 0.05, 0, 30)).toBeCloseTo(0.4567, 4));
  test('in a bore outward', () =>
    expect(pitchDiameterByCrestFlat('internal', 10, 1, 0.25, 30)).toBeCloseTo(10 + 1.732051 * 0.25, 6));
  test('whatever the tip: the flat that a depth leaves tells the size that the depth leaves', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.25, noNaN: true }),
        fc.double({ min: 0.4, max: 0.8, noNaN: true }),
        (flat, depth) => {
          const width = flat + 2 * depth * Math.tan(Math.PI / 6);
          fc.pre(width < 1);
          const depthCase = {
            workDiameter: 12,
            pitch: 1,
            tip: { kind: 'flat', flat },
            flankAngleDeg: 30,
            side: 'external',
          } as const;
          expect(pitchDiameterByCrestFlat('external', 12, 1, 1 - width, 30)).toBeCloseTo(
            pitchDiameterAt(depthCase, depth),
            9,
          );
        },
      ),
    ));
});

describe('what a nut lets pass outside the class', () => {
  const limits = threadLimits(threadOf('1/2-20 UNF-2A'));
  test('1/2-20: a 2B nut may take a thread over the 2A maximum 0.4662 (ASME B1.1, common practice)', () => {
    const nut = threadLimits(threadOf('1/2-20 UNF-2B')).pitchDiameter;
    expect(takesOutOfClass(limits, nut)).toEqual({ min: limits.pitchDiameter.max, max: nut.max });
    expect(limits.pitchDiameter.max).toBeCloseTo(0.4662, 6);
    expect(nut.min).toBeCloseTo(0.4675, 6);
  });
  test('a nut no larger than the limit takes nothing that is over it', () =>
    expect(takesOutOfClass(limits, { min: 0.46, max: limits.pitchDiameter.max })).toBeNull());
});

test('every kind of evidence says its strength and what it gives', () => {
  for (const kind of EVIDENCE_KINDS) {
    const data = EVIDENCE_DATA[kind];
    expect(data.id).toBe(kind);
    for (const side of ['external', 'internal'] as const) {
      expect(data.name(side)).not.toBe('');
      expect(data.gives(side)).toMatch(/\.$|60°\.$/);
    }
  }
  // A nut is weak however often it is tried; only what reads a size or both limits is strong.
  expect(EVIDENCE_KINDS.filter((kind) => EVIDENCE_DATA[kind].strength === 'strong')).toEqual([
    'wires',
    'thread-micrometer',
    'gauge',
    'register',
    'run-out',
  ]);
});

test('a sample set beside the part is no mate: it is answered with yes or no, and tells no size', () => {
  expect(EVIDENCE_DATA['sample-beside']).toMatchObject({ recordedAs: 'yes-no', strength: 'hint' });
  // What older plans called so is read and judged as it was, and not offered any more.
  expect(EVIDENCE_DATA.sample).toMatchObject({ recordedAs: 'trial', offered: false });
});

test('a form names the evidence: known ones as they are, a later release’s as unknown, anything else as wires', () => {
  for (const kind of EVIDENCE_KINDS) expect(evidenceKindOf(kind)).toBe(kind);
  expect(evidenceKindOf('unknown')).toBe('unknown');
  for (const never of ['', 'wire', 'toString']) expect(evidenceKindOf(never)).toBe('wires');
});
