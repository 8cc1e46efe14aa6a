import type { Frame } from '@/core/thread/geometry/frame';
import type { Swing } from '../lathe/swivel-graduation';

/**
 * Which way the compound is swung out of the line of the cross slide, seen from above with the headstock on the left and
 * the operator below: for a right-hand thread outside, cut toward the headstock from the front, counter-clockwise.
 */
export function swingOf({ fed, deeperTowardOperator }: Pick<Frame, 'fed' | 'deeperTowardOperator'>): Swing {
  return (fed === 1) !== deeperTowardOperator ? 'counter-clockwise' : 'clockwise';
}

/** The same in words, as one stands there: which way it is swung, and where its handle comes to lie. */
export function swingWords(frame: Pick<Frame, 'fed' | 'deeperTowardOperator'>): string {
  const swing = swingOf(frame);
  return `swung ${swing} seen from above, its handle toward the ${swing === 'clockwise' ? 'headstock' : 'tailstock'}`;
}
