import { compoundFeedFor } from '@/core/thread/compound/compound';
import { pitchDiameterFrom } from '@/core/measuring/gauging/three-wires';
import { depthOf } from '@/core/thread/geometry/frame';
import { PLACES, type MeasurementContent, type Place } from '../../../record/entry/kinds/measurement';
import { sheetWires } from '../../../sheet/sheet-geometry';
import type { Sheet } from '../../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';

/** What a measurement says of the thread. Lengths in the thread's unit. */
export interface Measured {
  pitchDiameter: Record<Place, number | null>;
  mean: number;
  smallest: number;
  largest: number;
  taper: number | null;
  /** Still to feed before the mean is at the target; negative when it is past. */
  remainingCompound: number;
}

/** By the wires in hand, or as it was read; the mean of the places measured counts (common practice). */
export function measuredOf(sheet: Sheet, measurement: MeasurementContent): Measured {
  const { thread, feed, targetPitchDiameter } = sheet;
  const wires = sheetWires(sheet, lengthIn(measurement.wire, thread.unit));
  const sizeAt = (place: Place) => {
    const read = measurement.overWires[place];
    if (read === null) return null;
    const over = read - (measurement.zero ?? 0);
    return measurement.method === 'direct' ? over : pitchDiameterFrom(wires, over);
  };
  const pitchDiameter = { start: sizeAt('start'), middle: sizeAt('middle'), end: sizeAt('end') };
  const sizes = PLACES.flatMap((place) => pitchDiameter[place] ?? []);
  const mean = sizes.reduce((sum, size) => sum + size, 0) / sizes.length;
  return {
    pitchDiameter,
    mean,
    smallest: Math.min(...sizes),
    largest: Math.max(...sizes),
    taper:
      pitchDiameter.start === null || pitchDiameter.end === null
        ? null
        : pitchDiameter.end - pitchDiameter.start,
    remainingCompound: compoundFeedFor(depthOf(thread.side, mean, targetPitchDiameter), feed.angleDeg),
  };
}

/** Past the limit where nothing brings metal back. */
export function isOverCut({ thread, limits }: Sheet, { smallest, largest }: Measured): boolean {
  return thread.side === 'external'
    ? smallest < limits.pitchDiameter.min - 1e-9
    : largest > limits.pitchDiameter.max + 1e-9;
}

/** Whether every size measured lies in the band. */
export function isInside({ limits }: Sheet, { smallest, largest }: Measured): boolean {
  const { min, max } = limits.pitchDiameter;
  return smallest >= min - 1e-9 && largest <= max + 1e-9;
}
