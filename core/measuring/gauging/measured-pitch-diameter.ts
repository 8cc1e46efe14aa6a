import type { Why } from '@/core/base/explain/why';
import type { Thread } from '@/core/thread/standards/thread';
import { formatLength } from '@/core/base/units/format-length';
import { pitchDiameterFrom, wireCaseOf } from './three-wires';

/** A way to measure the pitch diameter; readings are as the micrometer shows them. One unit, the thread's. */
export type PitchMeasurement =
  | { method: 'three-wires'; reading: number; zero: number; wire: number }
  | { method: 'one-wire'; reading: number; zero: number; wire: number; realMajor: number }
  | { method: 'thread-micrometer'; reading: number; zero: number };

export type PitchMethod = PitchMeasurement['method'];

/**
 * The pitch diameter that a measurement proves. `zero` is what the micrometer reads when closed (or set on its
 * standard) and comes off the reading. Over one wire M1 = (M3 + real major) / 2, which takes the crest to be round and
 * concentric. A thread micrometer reads the pitch diameter itself, for pitches inside its anvils' range and flanks as
 * they should be (common practice).
 */
export function measuredPitchDiameter(thread: Thread, measurement: PitchMeasurement): number {
  const corrected = measurement.reading - measurement.zero;
  switch (measurement.method) {
    case 'thread-micrometer':
      return corrected;
    case 'one-wire':
      return pitchDiameterFrom(wireCaseOf(thread, measurement.wire), 2 * corrected - measurement.realMajor);
    case 'three-wires':
      return pitchDiameterFrom(wireCaseOf(thread, measurement.wire), corrected);
  }
}

/**
 * What a pitch diameter is wrong by when the marked size of the wires is taken for the real one: (1 + 1 / sin a) times
 * the difference, three times for 60 degrees.
 */
export function wireSizeError(thread: Thread, markedWire: number, realWire: number, reading: number): number {
  const by = (wire: number) => pitchDiameterFrom(wireCaseOf(thread, wire), reading);
  return by(markedWire) - by(realWire);
}

/** The reason behind a measured pitch diameter. */
export function explainMeasuredPitchDiameter(thread: Thread, measurement: PitchMeasurement): Why {
  const { unit } = thread;
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const result = show(measuredPitchDiameter(thread, measurement));
  const corrected = `${show(measurement.reading, 1)} − ${show(measurement.zero, 1)}`;
  const wireText =
    measurement.method === 'thread-micrometer' ? '' : `, wires of ${show(measurement.wire, 1)}`;
  const formula = {
    'three-wires': 'd2 from M = reading − zero, the exact inverse of M(d2)',
    'one-wire': 'M = 2 (reading − zero) − real major;  d2 from M as over three wires',
    'thread-micrometer': 'd2 = reading − zero',
  }[measurement.method];
  const numbers =
    measurement.method === 'one-wire'
      ? `2 (${corrected}) − ${show(measurement.realMajor, 1)}${wireText}: ${result} ${unit}`
      : `${corrected}${wireText}: ${result} ${unit}`;
  const assumes = {
    'three-wires': 'Equal wires of the real size put in; spindle stopped, thread clean.',
    'one-wire': 'The crest is round and concentric with the thread.',
    'thread-micrometer': 'The pitch is in the range of the anvils, and the flanks are as they should be.',
  }[measurement.method];
  return {
    title: 'Measured pitch diameter',
    formula,
    numbers,
    source: measurement.method === 'thread-micrometer' ? 'Common practice' : 'ASME B1.2; see over wires',
    assumes,
  };
}
