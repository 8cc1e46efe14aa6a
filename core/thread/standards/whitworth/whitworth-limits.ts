import { roundTo } from '@/core/base/units/round';
import type { ExternalLimits, InternalLimits } from '../thread-limits';
import { FORM_WHITWORTH } from '../thread-form';
import type { WhitworthThread } from '../thread';

/**
 * Effective-diameter tolerance T of the medium class, inch: 0.002 D^(1/3) + 0.003 L^(1/2) + 0.005 P^(1/2)
 * (BS 84, from memory). L is the length of engagement; normally the diameter is taken for it.
 */
function mediumToleranceIn(diameterIn: number, pitchIn: number, engagementIn = diameterIn): number {
  return 0.002 * Math.cbrt(diameterIn) + 0.003 * Math.sqrt(engagementIn) + 0.005 * Math.sqrt(pitchIn);
}

/** Sizes over this have no allowance; those under the second take the allowance of the second (BS 84, from memory). */
const ALLOWANCE_UP_TO_IN = 0.75;
const ALLOWANCE_FROM_IN = 0.25;

function allowanceIn(thread: WhitworthThread): number {
  if (thread.nominalDiameter > ALLOWANCE_UP_TO_IN + 1e-9) return 0;
  const diameterIn = Math.max(thread.nominalDiameter, ALLOWANCE_FROM_IN);
  const quarterInch = 1 / (thread.series === 'BSF' ? 26 : 20);
  const pitchIn = thread.nominalDiameter < ALLOWANCE_FROM_IN - 1e-9 ? quarterInch : thread.pitch.valueOf();
  return roundTo(0.3 * mediumToleranceIn(diameterIn, pitchIn), 4);
}

/** Limits of a medium-class Whitworth bolt (BS 84). */
export function whitworthExternalLimits(thread: WhitworthThread, engagementIn?: number): ExternalLimits {
  const { nominalDiameter: diameterIn } = thread;
  const pitchIn = thread.pitch.valueOf();
  const t = mediumToleranceIn(diameterIn, pitchIn, engagementIn);
  const allowance = allowanceIn(thread);
  const tolerance = {
    major: roundTo(t + 0.01 * Math.sqrt(pitchIn), 4),
    pitchDiameter: roundTo(t, 4),
    minor: roundTo(t + 0.02 * Math.sqrt(pitchIn), 4),
  };
  const majorMax = roundTo(diameterIn - allowance, 4);
  const pitchMax = roundTo(diameterIn - allowance - FORM_WHITWORTH.majorToPitch * pitchIn, 4);
  const minorMax = roundTo(diameterIn - allowance - FORM_WHITWORTH.majorToMinor * pitchIn, 4);
  return {
    side: 'external',
    standard: 'BS 84',
    allowance,
    major: { min: roundTo(majorMax - tolerance.major, 4), max: majorMax },
    pitchDiameter: { min: roundTo(pitchMax - tolerance.pitchDiameter, 4), max: pitchMax },
    minor: { min: roundTo(minorMax - tolerance.minor, 4), max: minorMax },
    roundedRootMinorMax: null,
    tolerance,
  };
}

/** Minor-diameter tolerance of a nut by its threads per inch (BS 84, from memory). */
function nutMinorToleranceIn(pitchIn: number): number {
  const tpi = 1 / pitchIn;
  const constant = tpi > 25 ? 0.004 : tpi > 21 ? 0.005 : 0.007;
  return roundTo(0.2 * pitchIn + constant, 4);
}

/** Limits of a medium-class Whitworth nut (BS 84). */
export function whitworthInternalLimits(thread: WhitworthThread, engagementIn?: number): InternalLimits {
  const { nominalDiameter: diameterIn } = thread;
  const pitchIn = thread.pitch.valueOf();
  const pitchTolerance = roundTo(mediumToleranceIn(diameterIn, pitchIn, engagementIn), 4);
  const minorTolerance = nutMinorToleranceIn(pitchIn);
  const pitchMin = roundTo(diameterIn - FORM_WHITWORTH.majorToPitch * pitchIn, 4);
  const minorMin = roundTo(diameterIn - FORM_WHITWORTH.majorToMinor * pitchIn, 4);
  return {
    side: 'internal',
    standard: 'BS 84',
    allowance: 0,
    major: { min: roundTo(diameterIn, 4), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 4) },
    minor: { min: minorMin, max: roundTo(minorMin + minorTolerance, 4) },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}
