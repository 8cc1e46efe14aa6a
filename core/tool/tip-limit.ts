import { pitchOf, type ExternalLimits, FORM_60, type Thread } from '../thread';
import { radians } from '../units';

/** The largest tip with which the root still clears the mating thread. Lengths in the thread's unit. */
export interface TipLimit {
  flat: number;
  radius: number;
}

/**
 * At the target pitch diameter the straight flanks must reach down to the maximum minor diameter, or the crest of the
 * mating thread fouls the root (ASME B1.1 and ISO 965-1: the root contour does not transgress the basic profile).
 * For the basic profile this is a flat of P/4 and a radius of H/6 = 0.144 P.
 */
export function tipLimit(thread: Thread, limits: ExternalLimits, targetPitchDiameter: number): TipLimit {
  const angle = radians(FORM_60.flankAngleDeg);
  const halfWidth = pitchOf(thread) / 4 - ((targetPitchDiameter - limits.minor.max) / 2) * Math.tan(angle);
  return { flat: 2 * halfWidth, radius: halfWidth / Math.cos(angle) };
}
