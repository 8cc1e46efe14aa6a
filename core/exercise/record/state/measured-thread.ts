import { compoundFeedFor } from '@/core/thread/compound/compound';
import { pitchDiameterFrom } from '@/core/measuring/gauging/three-wires';
import { depthOf } from '@/core/thread/geometry/frame';
import { sheetWires } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { PLACES, type MeasurementContent, type Place } from '../entry/kinds/measurement';

/** What a measurement over wires says of the thread. Lengths in the thread's unit. */
export interface MeasuredThread {
  pitchDiameter: Record<Place, number | null>;
  mean: number;
  smallest: number;
  largest: number;
  /** End minus start; positive: larger at the chuck end. Null without both. */
  taper: number | null;
  /** Still to come off before the mean is at the target; negative when it is past. */
  remainingRadial: number;
  remainingCompound: number;
}

/**
 * Pitch diameters by the wires in hand or as they were read, and the remaining infeed: radial = (mean - target) / 2 (internal: turned),
 * compound = radial / cos(angle). The mean of the places measured counts (common practice).
 */
export function measuredThread(sheet: Sheet, measurement: MeasurementContent): MeasuredThread {
  const ofSheet = KNOWN.get(sheet) ?? new WeakMap<MeasurementContent, MeasuredThread>();
  KNOWN.set(sheet, ofSheet);
  const measured = ofSheet.get(measurement) ?? workOut(sheet, measurement);
  ofSheet.set(measurement, measured);
  return measured;
}

/**
 * Sheets and entries never change, and a record is gone through with each new entry: what a measurement says, the one
 * costly part of it (the exact position of a wire on a helicoid), is worked out once.
 */
const KNOWN = new WeakMap<Sheet, WeakMap<MeasurementContent, MeasuredThread>>();

function workOut(sheet: Sheet, measurement: MeasurementContent): MeasuredThread {
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
  const remainingRadial = depthOf(thread.side, mean, targetPitchDiameter);
  return {
    pitchDiameter,
    mean,
    smallest: Math.min(...sizes),
    largest: Math.max(...sizes),
    taper:
      pitchDiameter.start === null || pitchDiameter.end === null
        ? null
        : pitchDiameter.end - pitchDiameter.start,
    remainingRadial,
    remainingCompound: compoundFeedFor(remainingRadial, feed.angleDeg),
  };
}

/** Past the limit where nothing brings metal back: under the band outside, over it inside. */
export function isOverCut({ thread, limits }: Sheet, measured: MeasuredThread): boolean {
  return thread.side === 'external'
    ? measured.smallest < limits.pitchDiameter.min - 1e-9
    : measured.largest > limits.pitchDiameter.max + 1e-9;
}

/** Whether every size measured lies in the band. */
export function isInside({ limits }: Sheet, measured: MeasuredThread): boolean {
  const { min, max } = limits.pitchDiameter;
  return measured.smallest >= min - 1e-9 && measured.largest <= max + 1e-9;
}
