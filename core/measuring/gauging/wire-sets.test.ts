import { limitsOf, threadOf } from '@/core/test/thread';
import { usableWires, WIRE_SETS } from './wire-sets';
import { wireSizeError } from './measured-pitch-diameter';

const [inch, metric] = WIRE_SETS;

function usable(text: string, set = inch) {
  return usableWires(threadOf(text), limitsOf(text), set?.wires ?? []);
}

/** ASME B1.2 best wires, from memory: 16 TPI 0.03608, 10 TPI 0.05774. DIN 2269 for a pitch of 2 mm: 1.1 or 1.35. */
test('the nearest to the best wire comes first', () => {
  expect(usable('3/4-16 UNF-2A')[0]?.wire).toEqual({ value: 0.03608, unit: 'in' });
  expect(usable('3/4-16 UNF-2A')[0]?.fromBest).toBeCloseTo(0, 3);
  expect(usable('M16x2-6g', metric).map(({ wire }) => wire.value)).toEqual([1.1, 1.35, 1.65]);
});

/** ASME B1.2, from memory: wires from 0.505650 P to 1.010363 P serve a 60 degree thread of basic size. */
test('the wires of the list are those that stand proud and touch the flanks', () => {
  const within = (inch?.wires ?? []).filter(({ value }) => value * 16 > 0.50565 && value * 16 < 1.010363);
  const usables = usable('3/4-16 UNF-2A').map(({ wire }) => wire.value);
  expect(usables.toSorted()).toEqual(within.map(({ value }) => value).toSorted());
});

test('an inch set serves a metric thread, in millimetres', () => {
  const [first] = usable('M16x2-6g', inch);
  expect(first?.wire.unit).toBe('in');
  expect(first?.size).toBeCloseTo((first?.wire.value ?? 0) * 25.4, 9);
  // ISO 965-1: 14.503. The lead angle adds under 2 micrometres to the plane d2 + 3 w - 0.866025 P.
  const plane = 14.503 + 3 * (first?.size ?? 0) - 0.8660254 * 2;
  expect((first?.over.min ?? 0) - plane).toBeGreaterThan(0);
  expect((first?.over.min ?? 0) - plane).toBeLessThan(0.002);
});

test('a set may have none for a thread', () => {
  expect(usableWires(threadOf('M1x0.25-6g'), limitsOf('M1x0.25-6g'), [{ value: 1, unit: 'mm' }])).toEqual([]);
});

/** Common practice: a wire's error counts three times for 60 degrees. */
test('what a wire that is off size costs', () => {
  expect(wireSizeError(threadOf('3/4-16 UNF-2A'), 0.0361, 0.036, 0.7595)).toBeCloseTo(-0.0003, 6);
  expect(wireSizeError(threadOf('Tr30x6-7e'), 3.11, 3.1, 31)).toBeCloseTo(-0.01 * (1 + 1 / 0.258819), 3);
});
