import { swivelGraduationDeg } from '@/core/thread/compound/compound';
import type { Swivel } from './lathe';

/** Which way the compound is swung out of the line of the cross slide, seen from above. */
export type Swing = 'clockwise' | 'counter-clockwise';

/** Where to set the compound on a lathe's own scale. */
export interface SwivelGraduation {
  /** Named so in every sheet that was made. */
  markDeg: number;
  /** The scale does not reach there: set it by a protractor from the cross slide. */
  offScale: boolean;
}

/**
 * The graduation for an angle counted from the cross-slide axis, on the scale that is really there. A scale that counts one way
 * only goes on from the other end when the compound is swung against it: past 0 it reads 360 less the angle where it
 * goes all the way round, and nothing where it does not (common practice).
 */
export function swivelGraduationOn(
  { zeroAlong, counts, rangeDeg }: Pick<Swivel, 'zeroAlong' | 'counts' | 'rangeDeg'>,
  angleDeg: number,
  swing: Swing,
): SwivelGraduation {
  const plain = swivelGraduationDeg(angleDeg, zeroAlong);
  if (counts === null || counts === 'both-ways')
    return { markDeg: plain, offScale: rangeDeg !== null && plain > rangeDeg };
  // From the bed the compound comes to its angle the other way round.
  const turned = zeroAlong === 'cross-slide' ? swing : OTHER[swing];
  if (turned === counts || plain === 0)
    return { markDeg: plain, offScale: rangeDeg !== null && plain > rangeDeg };
  return { markDeg: 360 - plain, offScale: rangeDeg !== 360 };
}

const OTHER: Record<Swing, Swing> = { clockwise: 'counter-clockwise', 'counter-clockwise': 'clockwise' };
