import { roundTo } from '@/core/base/units/round';
import { DEVIATION_UM, MINOR_TOLERANCE_6_UM } from './iso965-tables';
import type { InternalLimits } from '../thread-limits';
import { GRADE_STEPS, pitchTolerance6Um } from './external-limits';
import { nearestPreferred, stepPreferred } from './preferred-numbers';
import { FORM_60 } from '../thread-form';
import type { MetricThread } from '../thread';

/** Internal pitch-diameter grades as steps along R 40 from the external grade 6: 0.85 1.06 1.32 1.7 2.12 times. */
const INTERNAL_STEPS: Record<number, number> = { 4: -3, 5: 1, 6: 5, 7: 9, 8: 13 };

/** Fundamental deviation of an internal thread, mm over the basic profile (ISO 965-1, table 1). */
function internalDeviationMm(position: string, pitchMm: number): number {
  return position === 'G' ? (DEVIATION_UM.g[pitchMm] ?? nearestPreferred(15 + 11 * pitchMm)) / 1000 : 0;
}

/**
 * Tolerance of the internal minor diameter, mm (ISO 965-1, table 3; 433 P - 190 P^1.22 to P = 0.8 and 230 P^0.7 above
 * when not listed).
 */
function minorToleranceMm(grade: number, pitchMm: number): number {
  const formula = pitchMm <= 0.8 ? 433 * pitchMm - 190 * pitchMm ** 1.22 : 230 * pitchMm ** 0.7;
  const grade6Um = MINOR_TOLERANCE_6_UM[pitchMm] ?? nearestPreferred(formula);
  return stepPreferred(grade6Um, GRADE_STEPS[grade] ?? 0) / 1000;
}

/** Limits of size of an internal metric thread, normal length of engagement (ISO 965-1). */
export function metricInternalLimits(thread: MetricThread): InternalLimits {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const allowance = internalDeviationMm(toleranceClass.position, pitchMm);
  const pitchTolerance =
    stepPreferred(pitchTolerance6Um(diameterMm, pitchMm), INTERNAL_STEPS[toleranceClass.pitchGrade] ?? 5) /
    1000;
  const minorTolerance = minorToleranceMm(toleranceClass.crestGrade, pitchMm);
  const pitchMin = roundTo(roundTo(diameterMm - FORM_60.majorToPitch * pitchMm, 3) + allowance, 3);
  const minorMin = roundTo(roundTo(diameterMm - FORM_60.majorToMinor * pitchMm, 3) + allowance, 3);
  return {
    side: 'internal',
    standard: 'ISO 965-1',
    allowance,
    major: { min: roundTo(diameterMm + allowance, 3), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 3) },
    minor: { min: minorMin, max: roundTo(minorMin + minorTolerance, 3) },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}
