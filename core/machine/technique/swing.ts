import type { Frame } from '@/core/thread/geometry/frame';
import type { Swing } from '../lathe/swivel-graduation';

/**
 * Which way the compound is swung out of the line of the cross slide, seen from above with the headstock on the left and
 * the operator below: for a right-hand thread outside, cut toward the headstock from the front, counter-clockwise.
 */
export function swingOf({ fed, deeperTowardOperator }: Pick<Frame, 'fed' | 'deeperTowardOperator'>): Swing {
  return (fed === 1) !== deeperTowardOperator ? 'counter-clockwise' : 'clockwise';
}
