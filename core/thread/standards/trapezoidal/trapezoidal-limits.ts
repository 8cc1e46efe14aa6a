import { roundTo } from '@/core/base/units/round';
import { MAJOR_TOLERANCE_6_UM } from '../metric/iso965-tables';
import { nearestPreferred, stepPreferred } from '../metric/preferred-numbers';
import type { ExternalLimits, InternalLimits } from '../thread-limits';
import type { TrapezoidalThread } from '../thread';
import { crestClearanceMm, DEVIATION_E_UM, DIAMETER_STEPS_MM } from './trapezoidal-tables';

/** Steps along R 40 from the external grade 6 (ISO 2903: factors 1.25, 1.6, 2 outside, 1.7, 2.12, 2.65 inside). */
const EXTERNAL_STEPS = { 7: 4, 8: 8, 9: 12 } as const;
const INTERNAL_STEPS = { 7: 9, 8: 13, 9: 17 } as const;
/** Grade 4, the only one of the crest diameters: 0.63 times grade 6. */
const GRADE_4_STEPS = -8;

/** Td2 of grade 6, micrometres: 90 P^0.4 d^0.1, d the geometric mean of the diameter step (ISO 2903). */
function pitchTolerance6Um(diameterMm: number, pitchMm: number): number {
  const index = DIAMETER_STEPS_MM.findIndex((upTo) => diameterMm <= upTo);
  const [over = diameterMm, upTo = diameterMm] = [DIAMETER_STEPS_MM[index - 1], DIAMETER_STEPS_MM[index]];
  return nearestPreferred(90 * pitchMm ** 0.4 * Math.sqrt(over * upTo) ** 0.1);
}

/** Fundamental deviation es of position e, mm. Not listed pitches take 50 + 11 P (ISO 965-1). */
function deviationMm(pitchMm: number): number {
  return (DEVIATION_E_UM[pitchMm] ?? nearestPreferred(50 + 11 * pitchMm)) / 1000;
}

/** Limits of an external trapezoidal thread, position e: the deviation is on the pitch diameter only (ISO 2903, 2904). */
export function trapezoidalExternalLimits(thread: TrapezoidalThread): ExternalLimits {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const allowance = deviationMm(pitchMm);
  const majorTolerance =
    stepPreferred(
      MAJOR_TOLERANCE_6_UM[pitchMm] ??
        nearestPreferred(180 * Math.cbrt(pitchMm ** 2) - 3.15 / Math.sqrt(pitchMm)),
      GRADE_4_STEPS,
    ) / 1000;
  const pitchTolerance =
    stepPreferred(pitchTolerance6Um(diameterMm, pitchMm), EXTERNAL_STEPS[toleranceClass.grade]) / 1000;
  const pitchMax = roundTo(diameterMm - pitchMm / 2 - allowance, 3);
  const minorMax = roundTo(diameterMm - pitchMm - 2 * crestClearanceMm(pitchMm), 3);
  return {
    side: 'external',
    standard: 'ISO 2903',
    allowance,
    major: { min: roundTo(diameterMm - majorTolerance, 3), max: roundTo(diameterMm, 3) },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 3), max: pitchMax },
    // Td3 = 1.25 Td2 + es (ISO 2903).
    minor: { min: roundTo(minorMax - roundTo(1.25 * pitchTolerance + allowance, 3), 3), max: minorMax },
    roundedRootMinorMax: null,
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}

/** Limits of an internal trapezoidal thread, position H (ISO 2903, 2904). */
export function trapezoidalInternalLimits(thread: TrapezoidalThread): InternalLimits {
  const { nominalDiameter: diameterMm, toleranceClass } = thread;
  const pitchMm = thread.pitch.valueOf();
  const minorTolerance = stepPreferred(nearestPreferred(230 * pitchMm ** 0.7), GRADE_4_STEPS) / 1000;
  const pitchTolerance =
    stepPreferred(pitchTolerance6Um(diameterMm, pitchMm), INTERNAL_STEPS[toleranceClass.grade]) / 1000;
  const pitchMin = roundTo(diameterMm - pitchMm / 2, 3);
  const minorMin = roundTo(diameterMm - pitchMm, 3);
  return {
    side: 'internal',
    standard: 'ISO 2903',
    allowance: 0,
    major: { min: roundTo(diameterMm + 2 * crestClearanceMm(pitchMm), 3), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 3) },
    minor: { min: minorMin, max: roundTo(minorMin + minorTolerance, 3) },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}
