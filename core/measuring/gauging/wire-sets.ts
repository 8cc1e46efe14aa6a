import { crestLimits, type ThreadLimits } from '@/core/thread/standards/thread-limits';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import { bestWire, overWires, wireCaseOf, wireRange } from './three-wires';

/** A set of wires as it lies in the shop. */
export interface WireSet {
  id: string;
  name: string;
  wires: readonly Length[];
}

function set(id: string, name: string, unit: LengthUnit, values: readonly number[]): WireSet {
  return { id, name, wires: values.map((value) => ({ value, unit })) };
}

/** Best wires of the usual threads per inch, 0.57735 / n, to five places (ASME B1.2). */
const INCH_TPI = [48, 44, 40, 36, 32, 28, 27, 24, 20, 18, 16, 14, 13, 12, 11, 10, 9, 8, 7, 6, 5, 4.5, 4];

/** Measuring wires of DIN 2269, mm, from memory of the printed table. */
const METRIC_WIRES = [
  0.17, 0.22, 0.25, 0.29, 0.335, 0.39, 0.455, 0.53, 0.62, 0.725, 0.895, 1.1, 1.35, 1.65, 2.05, 2.55, 3.2, 4,
  5.05, 6.35,
];

/** Sets that a shop commonly has; its own list stands beside them. */
export const WIRE_SETS: readonly WireSet[] = [
  set(
    'inch',
    'Inch, best sizes of 48 to 4 TPI',
    'in',
    INCH_TPI.map((tpi) => Math.round(bestWire(1 / tpi, 30) * 1e5) / 1e5),
  ),
  set('metric', 'Metric, DIN 2269', 'mm', METRIC_WIRES),
];

/** A wire of a set on a thread, in the thread's unit. */
export interface UsableWire {
  wire: Length;
  size: number;
  over: { min: number; max: number };
  /** Distance from the best wire in pitches: the flank angle's error counts with it. */
  fromBest: number;
}

/** The wires of a set that can be used on a thread, the nearest to the best one first. */
export function usableWires(thread: Thread, limits: ThreadLimits, wires: readonly Length[]): UsableWire[] {
  const form = formOf(thread);
  const pitch = pitchOf(thread);
  const best = bestWire(pitch, form.flankAngleDeg);
  const most = limits.side === 'external' ? 'max' : 'min';
  const range = wireRange(form, pitch, crestLimits(limits)[most], limits.pitchDiameter[most]);
  return wires
    .map((wire) => ({ wire, size: lengthIn(wire, thread.unit) }))
    .filter(({ size }) => size >= range.min && size <= range.max)
    .map(({ wire, size }) => {
      const wireCase = wireCaseOf(thread, size);
      return {
        wire,
        size,
        over: {
          min: overWires(wireCase, limits.pitchDiameter.min),
          max: overWires(wireCase, limits.pitchDiameter.max),
        },
        fromBest: (size - best) / pitch,
      };
    })
    .toSorted((a, b) => Math.abs(a.fromBest) - Math.abs(b.fromBest));
}
