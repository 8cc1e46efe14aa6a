import { formOf } from '../standards/systems';
import { pitchOf, type Thread } from '../standards/thread';
import type { ThreadLimits } from '../standards/thread-limits';
import { radians } from '@/core/base/units/angle';
import { tipHalfWidth, type Tip } from './tip';

/** The largest tip with which the root still clears the mating thread. Lengths in the thread's unit. */
export interface TipLimit {
  flat: number;
  radius: number;
}

/**
 * At the target pitch diameter the straight flanks must reach down to the root's limit (maximum minor diameter outside,
 * minimum major diameter inside), or the crest of the mating thread fouls the root (ASME B1.1, ISO 965-1: the root
 * contour does not transgress the basic profile). For the basic 60 degree profile this is a flat of P/4 outside and P/8
 * inside; for ASME B1.5 and ISO 2901 it is the published width of the tool, 0.3707 P - 0.259 (clearance - allowance)
 * and 0.366 P - 0.536 a_c.
 */
export function tipLimit(thread: Thread, limits: ThreadLimits, targetPitchDiameter: number): TipLimit {
  const angle = radians(formOf(thread).flankAngleDeg);
  const toRoot =
    limits.side === 'external'
      ? targetPitchDiameter - limits.minor.max
      : limits.major.min - targetPitchDiameter;
  const halfWidth = pitchOf(thread) / 4 - (toRoot / 2) * Math.tan(angle);
  return { flat: 2 * halfWidth, radius: halfWidth / Math.cos(angle) };
}

/** How a tip suits a thread at its target. */
export type TipFit = 'fits' | 'too-blunt' | 'too-sharp';

/** Under this share of the usual truncation the root is weak and the tip breaks sooner (common practice; UNR asks 0.108 P). */
const SHARP_SHARE = 0.75;

/** Too blunt: the root would foul the mating thread. Too sharp: well under the usual truncation of the form. */
export function tipFit(thread: Thread, limits: ThreadLimits, targetPitchDiameter: number, tip: Tip): TipFit {
  const { flankAngleDeg, usualTip } = formOf(thread);
  const limit = tipLimit(thread, limits, targetPitchDiameter);
  if (tipHalfWidth(tip, flankAngleDeg) > limit.flat / 2 + 1e-9) return 'too-blunt';
  const pitch = pitchOf(thread);
  if (tip.kind === 'flat')
    return tip.flat < SHARP_SHARE * Math.min(usualTip.flat * pitch, limit.flat) ? 'too-sharp' : 'fits';
  if (tip.kind === 'radius')
    return tip.radius < SHARP_SHARE * Math.min(usualTip.radius * pitch, limit.radius) ? 'too-sharp' : 'fits';
  return 'too-sharp';
}
