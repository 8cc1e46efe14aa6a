import { limitsOf, threadOf } from '@/core/test/thread';
import { gaugeSizes, leadAngleMatters, overOneWire, sideClearanceDeg } from './other-gauges';
import { overWires, bestWire } from './three-wires';

function caseOf(text: string) {
  return { thread: threadOf(text), limits: limitsOf(text) };
}

test('one wire reads half of three wires and half of the crests', () => {
  const three = overWires(
    { pitch: 2, lead: 0, wire: bestWire(2, 30), flankAngleDeg: 30, side: 'external' as const },
    14.583,
  );
  const oneByGeometry = (14.583 + 3 * bestWire(2, 30) - Math.sqrt(3)) / 2 + 15.88 / 2;
  expect(overOneWire(three, 15.88)).toBeCloseTo(oneByGeometry, 9);
});

test('GO stands at most material on both sides', () => {
  expect(gaugeSizes(limitsOf('3/4-16 UNF-2A'))).toEqual({ kind: 'ring', go: 0.7079, noGo: 0.7029 });
  expect(gaugeSizes(limitsOf('M16x2-6H'))).toEqual({ kind: 'plug', go: 14.701, noGo: 14.913 });
});

test('the lead angle matters for several starts, not for one', () => {
  const one = caseOf('M16x2-6g');
  expect(leadAngleMatters(one.thread, one.limits, bestWire(2, 30))).toMatchObject({ matters: false });
  const four = caseOf('M16xPh8P2-6g');
  expect(leadAngleMatters(four.thread, four.limits, bestWire(2, 30))).toMatchObject({ matters: true });
});

test('side clearance is the lead angle at the root and a margin', () => {
  const { leading, trailing } = sideClearanceDeg(2, 13.427);
  expect(leading).toBeCloseTo(3 + 2.714, 2);
  expect(trailing).toBeCloseTo(3 - 2.714, 2);
});
