import { compoundFeedFor } from '../compound';
import { pitchDiameterFrom, wireCaseOf } from '../gauging';
import type { DerivedPlan } from '../plan';
import { lengthIn } from '../units';
import { PLACES, type MeasurementContent, type Place } from './entry';

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
 * Pitch diameters by the wires in hand, and the remaining infeed: radial = (mean - target) / 2 (internal: turned),
 * compound = radial / cos(angle). The mean of the places measured counts (common practice).
 */
export function measuredThread(derived: DerivedPlan, measurement: MeasurementContent): MeasuredThread {
  const { thread, plan, target } = derived;
  const wireCase = wireCaseOf(thread, lengthIn(measurement.wire, thread.unit));
  const sizeAt = (place: Place) => {
    const over = measurement.overWires[place];
    return over === null ? null : pitchDiameterFrom(wireCase, over);
  };
  const pitchDiameter = { start: sizeAt('start'), middle: sizeAt('middle'), end: sizeAt('end') };
  const sizes = PLACES.flatMap((place) => pitchDiameter[place] ?? []);
  const mean = sizes.reduce((sum, size) => sum + size, 0) / sizes.length;
  const remainingRadial = (thread.side === 'external' ? mean - target : target - mean) / 2;
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
    remainingCompound: compoundFeedFor(remainingRadial, plan.compoundAngleDeg),
  };
}

/** Past the limit where nothing brings metal back: under the band outside, over it inside. */
export function isOverCut({ limits }: DerivedPlan, measured: MeasuredThread): boolean {
  return limits.side === 'external'
    ? measured.smallest < limits.pitchDiameter.min - 1e-9
    : measured.largest > limits.pitchDiameter.max + 1e-9;
}
