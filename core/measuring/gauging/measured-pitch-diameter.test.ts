import { threadOf } from '@/core/test/thread';
import { measuredPitchDiameter } from './measured-pitch-diameter';
import { overOneWire } from './other-gauges';
import { overWires, wireCaseOf } from './three-wires';

const thread = threadOf('M20x1.5-6g');
const wire = 0.895;
const overThree = overWires(wireCaseOf(thread, wire), 18.92);

test('three wires, one wire and thread micrometer prove the same pitch diameter', () => {
  expect(
    measuredPitchDiameter(thread, { method: 'three-wires', reading: overThree, zero: 0, wire }),
  ).toBeCloseTo(18.92, 9);
  expect(
    measuredPitchDiameter(thread, {
      method: 'one-wire',
      reading: overOneWire(overThree, 19.85),
      zero: 0,
      wire,
      realMajor: 19.85,
    }),
  ).toBeCloseTo(18.92, 9);
  expect(measuredPitchDiameter(thread, { method: 'thread-micrometer', reading: 18.92, zero: 0 })).toBe(18.92);
});

test('the micrometer’s zero comes off once over three wires, twice over one', () => {
  const zero = 0.004;
  expect(
    measuredPitchDiameter(thread, { method: 'three-wires', reading: overThree + zero, zero, wire }),
  ).toBeCloseTo(18.92, 9);
  const reading = overOneWire(overThree, 19.85) + zero;
  const forgotten = measuredPitchDiameter(thread, {
    method: 'one-wire',
    reading,
    zero: 0,
    wire,
    realMajor: 19.85,
  });
  const right = measuredPitchDiameter(thread, { method: 'one-wire', reading, zero, wire, realMajor: 19.85 });
  expect(forgotten - right).toBeCloseTo(2 * zero, 6);
});
