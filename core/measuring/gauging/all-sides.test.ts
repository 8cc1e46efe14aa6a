import { formOf } from '@/core/thread/standards/systems';
import { leadOf, pitchOf, type Thread } from '@/core/thread/standards/thread';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { threadLimits } from '@/core/thread/standards/limits';
import {
  bestWire,
  overWires,
  pitchDiameterFrom,
  wireCaseOf,
  wireErrorFactor,
  wireOffset,
  wireSlope,
} from './three-wires';
import { measuredPitchDiameter, wireSizeError } from './measured-pitch-diameter';
import { pitchDiameterUncertainty } from './uncertainty';

/** Side, form, unit and starts: every one of them with every formula of this room. */
const THREADS = [
  ...['3/4-16 UNF-2A', '3/4-16 UNF-2B', '7/8-9 UNC-2A', '7/8-9 UNC-3B', '3/4-16 UNF-2A (3 starts)'],
  ...['3/4-16 UNF-2B (2 starts)', 'M16x2-6g', 'M30x2-6H', 'M20x1.5-6g LH', 'M30xPh4P2-6H'],
  ...['1-5 Acme-2G', '1-5 Acme-2G internal', '1-5 Acme-2G (2 starts)', '1-5 Acme-2G internal (2 starts)'],
  ...['Tr40x7-7e', 'Tr40x7-7H', 'Tr40x14(P7)-7e', 'Tr40x14(P7)-7H'],
];

const threadOf = (text: string): Thread => {
  const read = parseDesignation(text);
  if (!read.ok) throw new Error(`${text}: ${read.issues[0]?.message}`);
  return read.value.thread;
};

test('each of the list is what it says', () => {
  const all = THREADS.map(threadOf);
  expect(new Set(all.map(({ side }) => side)).size).toBe(2);
  expect(new Set(all.map(({ unit }) => unit)).size).toBe(2);
  expect(new Set(all.map((thread) => formOf(thread).flankAngleDeg))).toEqual(new Set([30, 14.5, 15]));
  expect(new Set(all.map(({ starts }) => starts))).toEqual(new Set([1, 2, 3]));
});

describe.each(THREADS)('%s', (text) => {
  const thread = threadOf(text);
  const { flankAngleDeg } = formOf(thread);
  const pitch = pitchOf(thread);
  const { min, max } = threadLimits(thread).pitchDiameter;
  const size = (min + max) / 2;
  const wire = bestWire(pitch, flankAngleDeg);
  const external = thread.side === 'external';
  const sin = Math.sin((flankAngleDeg * Math.PI) / 180);
  /** tan of the lead angle: the plane groove differs from the helicoid by its square. */
  const lead = leadOf(thread) / (Math.PI * size);

  test('what is measured over wires or balls gives the size back', () => {
    const over = overWires(wireCaseOf(thread, wire), size);
    expect(pitchDiameterFrom(wireCaseOf(thread, wire), over)).toBeCloseTo(size, 9);
    const measurement = { method: 'three-wires', reading: over + 0.0007, zero: 0.0007, wire } as const;
    expect(measuredPitchDiameter(thread, measurement)).toBeCloseTo(size, 9);
  });

  test('the plane groove by its own geometry: a ball of the best size touches at the pitch line', () => {
    // Axis of the wire from the pitch line: (w / 2) / sin a - (P / 4) cot a, outward outside and inward inside.
    const fromPitchLine = wire / 2 / sin - pitch / 4 / Math.tan((flankAngleDeg * Math.PI) / 180);
    expect(wireOffset(wireCaseOf(thread, wire))).toBeCloseTo((external ? 2 : -2) * fromPitchLine + wire, 12);
  });

  test('the slope of a reading over its wire is that of the helicoid, to the square of the lead angle', () => {
    const step = wire * 1e-4;
    const at = (w: number) => overWires(wireCaseOf(thread, w), size);
    const slope = (at(wire + step) - at(wire - step)) / (2 * step);
    expect(Math.abs(slope - wireSlope(flankAngleDeg, thread.side))).toBeLessThan(6 * lead ** 2);
    expect(Math.sign(slope)).toBe(external ? 1 : -1);
  });

  test('a wrong wire puts the size wrong by the factor times its error, and so it enters the uncertainty', () => {
    const error = wire * 1e-3;
    const over = overWires(wireCaseOf(thread, wire), size);
    const wrong = wireSizeError(thread, wire + error, wire, over);
    const factor = wireErrorFactor(flankAngleDeg, thread.side);
    expect(Math.abs(Math.abs(wrong) / error - factor)).toBeLessThan(6 * lead ** 2 + 1e-3);
    expect(Math.sign(wrong)).toBe(external ? -1 : 1);
    const { combined } = pitchDiameterUncertainty({
      micrometerError: 0,
      wireUncertainty: error,
      readings: [],
      flankAngleDeg,
      side: thread.side,
    });
    expect(combined / error).toBeCloseTo(factor, 12);
  });
});

/** Closed forms: 1 + 1 / sin a outside, 1 / sin a - 1 over two balls; the gap between them would give the first again. */
test('factors of the usual forms', () => {
  expect(wireErrorFactor(30, 'external')).toBeCloseTo(3, 12);
  expect(wireErrorFactor(30, 'internal')).toBeCloseTo(1, 12);
  expect(wireErrorFactor(14.5, 'external')).toBeCloseTo(4.9939, 4);
  expect(wireErrorFactor(14.5, 'internal')).toBeCloseTo(2.9939, 4);
});
