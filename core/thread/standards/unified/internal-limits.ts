import { roundTo } from '@/core/base/units/round';
import type { InternalLimits } from '../thread-limits';
import { basicPitchToleranceIn } from './external-limits';
import { FORM_60 } from '../thread-form';
import type { UnifiedThread } from '../thread';

const CLASS_FACTOR = { 1: 1.95, 2: 1.3, 3: 0.975 } as const;

/**
 * Tolerance of the internal minor diameter in inch, unrounded (ASME B1.1, clause 5.8.2, from memory).
 * The rule depends on class, size and pitch; the bounds keep small and coarse sizes sensible.
 */
function minorToleranceIn(fit: 1 | 2 | 3, diameterIn: number, pitchIn: number): number {
  const tpi = 1 / pitchIn;
  const general = 0.05 * Math.cbrt(pitchIn ** 2) + (0.03 * pitchIn) / diameterIn - 0.002;
  const most = 0.394 * pitchIn;
  if (fit === 3) {
    const least = tpi >= 13 - 1e-9 ? 0.23 * pitchIn - 1.5 * pitchIn ** 2 : 0.12 * pitchIn;
    return Math.max(Math.min(general, most), least);
  }
  if (diameterIn < 0.25 - 1e-9) return Math.max(Math.min(general, most), 0.25 * pitchIn - 0.4 * pitchIn ** 2);
  return tpi >= 4 - 1e-9 ? 0.25 * pitchIn - 0.4 * pitchIn ** 2 : 0.15 * pitchIn;
}

/** From this size on the printed tables give the internal minor diameter to three places. */
const THREE_PLACES_FROM_IN = 0.138;

/** Limits of size of classes 1B, 2B and 3B (ASME B1.1, clauses 5.8 and 8.3). */
export function unifiedInternalLimits(thread: UnifiedThread, engagementIn?: number): InternalLimits {
  const { nominalDiameter: diameterIn, toleranceClass } = thread;
  const pitchIn = thread.pitch.valueOf();
  const { fit } = toleranceClass;
  const pitchMin = roundTo(diameterIn - FORM_60.majorToPitch * pitchIn, 4);
  const pitchTolerance = roundTo(CLASS_FACTOR[fit] * basicPitchToleranceIn(thread, engagementIn), 4);
  const minorMin = roundTo(diameterIn - FORM_60.majorToMinor * pitchIn, 4);
  const minorTolerance = roundTo(minorToleranceIn(fit, diameterIn, pitchIn), 4);
  const minorMax = roundTo(minorMin + minorTolerance, 4);
  const coarse = diameterIn >= THREE_PLACES_FROM_IN - 1e-9;
  return {
    side: 'internal',
    standard: 'ASME B1.1',
    allowance: 0,
    major: { min: roundTo(diameterIn, 4), max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 4) },
    minor: {
      min: coarse ? roundTo(minorMin, 3) : minorMin,
      max: coarse && fit !== 3 ? roundTo(minorMax, 3) : minorMax,
    },
    tolerance: { minor: minorTolerance, pitchDiameter: pitchTolerance },
  };
}
