import { roundTo } from '@/core/base/units/round';
import { DEVIATION_UM, MAJOR_TOLERANCE_6_UM, PITCH_TOLERANCE_6 } from './iso965-tables';
import type { ExternalLimits } from '../thread-limits';
import { nearestPreferred, stepPreferred } from './preferred-numbers';
import { FORM_60 } from '../thread-form';
import type { MetricThread } from '../thread';

/** Steps along the R 40 series from grade 6 to the grade (ISO 965-1, clause 13: factors 0.5 0.63 0.8 1 1.25 1.6 2). */
export const GRADE_STEPS: Record<number, number> = { 3: -12, 4: -8, 5: -4, 6: 0, 7: 4, 8: 8, 9: 12 };

/** Fundamental deviation of an external thread, mm under the basic profile (ISO 965-1, table 1 and clause 13). */
function externalDeviationMm(position: string, pitchMm: number): number {
  if (position === 'e' || position === 'f' || position === 'g') {
    const constant = { e: 50, f: 30, g: 15 }[position];
    return (DEVIATION_UM[position][pitchMm] ?? nearestPreferred(constant + 11 * pitchMm)) / 1000;
  }
  return 0;
}

/** Tolerance of the external major diameter, mm (ISO 965-1, table 4; 180 P^(2/3) - 3.15 P^(-1/2) when not listed). */
function majorToleranceMm(grade: number, pitchMm: number): number {
  const grade6Um =
    MAJOR_TOLERANCE_6_UM[pitchMm] ??
    nearestPreferred(180 * Math.cbrt(pitchMm ** 2) - 3.15 / Math.sqrt(pitchMm));
  return stepPreferred(grade6Um, GRADE_STEPS[grade] ?? 0) / 1000;
}

/**
 * Tolerance of the external pitch diameter, grade 6, micrometres (ISO 965-1, table 6; 90 P^0.4 d^0.1 when not listed,
 * d the geometric mean of the ends of the diameter step). All other grades, internal ones too, step from it.
 */
export function pitchTolerance6Um(diameterMm: number, pitchMm: number): number {
  const step = PITCH_TOLERANCE_6.find((row) => diameterMm > row.overMm && diameterMm <= row.upToMm);
  const meanMm = step === undefined ? diameterMm : Math.sqrt(step.overMm * step.upToMm);
  return step?.grade6Um[pitchMm] ?? nearestPreferred(90 * pitchMm ** 0.4 * meanMm ** 0.1);
}

/** Tolerance of the external pitch diameter in a grade, mm. */
function pitchToleranceMm(grade: number, diameterMm: number, pitchMm: number): number {
  return stepPreferred(pitchTolerance6Um(diameterMm, pitchMm), GRADE_STEPS[grade] ?? 0) / 1000;
}

/** Limits of size of an external metric thread, normal length of engagement (ISO 965-1). */
export function metricExternalLimits(thread: MetricThread): ExternalLimits {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const allowance = externalDeviationMm(toleranceClass.position, pitchMm);
  const majorTolerance = majorToleranceMm(toleranceClass.crestGrade, pitchMm);
  const pitchTolerance = pitchToleranceMm(toleranceClass.pitchGrade, diameterMm, pitchMm);
  const majorMax = roundTo(diameterMm - allowance, 3);
  const pitchMax = roundTo(roundTo(diameterMm - FORM_60.majorToPitch * pitchMm, 3) - allowance, 3);
  return {
    side: 'external',
    standard: 'ISO 965-1',
    allowance,
    major: { min: roundTo(majorMax - majorTolerance, 3), max: majorMax },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 3), max: pitchMax },
    minor: {
      min: null,
      max: roundTo(roundTo(diameterMm - FORM_60.majorToMinor * pitchMm, 3) - allowance, 3),
    },
    roundedRootMinorMax: roundTo(diameterMm - FORM_60.majorToRoundedRoot * pitchMm - allowance, 3),
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}
