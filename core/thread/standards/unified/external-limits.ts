import { roundTo } from '@/core/base/units/round';
import type { ExternalLimits } from '../thread-limits';
import { FORM_60 } from '../thread-form';
import type { UnifiedThread } from '../thread';

const CLASS_FACTOR = { 1: 1.5, 2: 1, 3: 0.75 } as const;

/**
 * Length of engagement on which the pitch-diameter tolerance is based, in inch (ASME B1.1, clause 5.8.1):
 * the basic diameter for UNC, UNF, 4-, 6- and 8-UN, nine pitches for the others.
 */
export function engagementLengthIn(thread: UnifiedThread): number {
  const pitchIn = thread.pitch.valueOf();
  const tpi = 1 / pitchIn;
  const coarseUn = thread.series === 'UN' && [4, 6, 8].some((n) => Math.abs(n - tpi) < 1e-9);
  const oneInchFourteen = thread.nominalDiameter === 1 && Math.abs(tpi - 14) < 1e-9;
  if (thread.series === 'UNC' || thread.series === 'UNF' || coarseUn || oneInchFourteen)
    return thread.nominalDiameter;
  return 9 * pitchIn;
}

/**
 * Pitch-diameter tolerance of class 2A in inch, unrounded sum of terms rounded to 6 decimals each
 * (ASME B1.1, clause 5.8.1): 0.0015 D^(1/3) + 0.0015 Le^(1/2) + 0.015 P^(2/3).
 *
 * @param engagementIn length of engagement beyond the normal one, which scales the tolerance
 */
export function basicPitchToleranceIn(thread: UnifiedThread, engagementIn?: number): number {
  const pitchIn = thread.pitch.valueOf();
  return (
    roundTo(0.0015 * Math.cbrt(thread.nominalDiameter), 6) +
    roundTo(0.0015 * Math.sqrt(engagementIn ?? engagementLengthIn(thread)), 6) +
    roundTo(0.015 * Math.cbrt(pitchIn ** 2), 6)
  );
}

/** Printed values that the formula with its rounding misses; the printed table wins. */
const PRINTED: Record<string, { allowance?: number }> = {
  // ASME B1.1, table of limits, 5/8-11 UNC class 2A: printed 0.0016, formula 0.0017 (from memory of the table).
  '5/8-11 UNC 2A': { allowance: 0.0016 },
};

/** Limits of size of classes 1A, 2A and 3A (ASME B1.1, clauses 5.8 and 8.3). */
export function unifiedExternalLimits(thread: UnifiedThread, engagementIn?: number): ExternalLimits {
  const { nominalDiameter: diameterIn, toleranceClass } = thread;
  const pitchIn = thread.pitch.valueOf();
  const fit = toleranceClass.fit;
  const basis = basicPitchToleranceIn(thread, engagementIn);
  // The allowance stays that of the normal length of engagement (ASME B1.1, clause 5.7).
  const normal = basicPitchToleranceIn(thread);
  const printed = PRINTED[`${thread.sizeLabel}-${Math.round(1 / pitchIn)} ${thread.series} ${fit}A`];
  const allowance = printed?.allowance ?? (fit === 3 ? 0 : roundTo(0.3 * normal, 4));
  const pitchTolerance = roundTo(CLASS_FACTOR[fit] * basis, 4);
  const majorTolerance = roundTo((fit === 1 ? 0.09 : 0.06) * Math.cbrt(pitchIn ** 2), 4);
  const majorMax = roundTo(diameterIn - allowance, 4);
  const pitchMax = roundTo(diameterIn - allowance - FORM_60.majorToPitch * pitchIn, 4);
  return {
    side: 'external',
    standard: 'ASME B1.1',
    allowance,
    major: { min: roundTo(majorMax - majorTolerance, 4), max: majorMax },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 4), max: pitchMax },
    minor: { min: null, max: roundTo(diameterIn - allowance - FORM_60.majorToMinor * pitchIn, 4) },
    roundedRootMinorMax: roundTo(diameterIn - allowance - FORM_60.majorToRoundedRoot * pitchIn, 4),
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}
