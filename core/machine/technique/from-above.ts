import { radians } from '@/core/base/units/angle';
import type { Frame } from '@/core/thread/geometry/frame';

/** A direction on the page, seen from above: x to the right, toward the tailstock; y down, toward the operator. */
export interface OnPage {
  x: number;
  y: number;
}

/** How the compound lies, seen from above by whoever stands at the lathe, the headstock on the left. */
export interface CompoundFromAbove {
  /** The way its feed takes the tool. */
  feed: OnPage;
  /** From the tool to its handle, which always is on the operator’s side: pushed in, or drawn out toward the operator. */
  handle: OnPage;
}

/** The compound of a way of cutting, at an angle counted from the cross-slide axis. */
export function compoundFromAbove(
  { fed, deeperTowardOperator }: Pick<Frame, 'fed' | 'deeperTowardOperator'>,
  angleDeg: number,
): CompoundFromAbove {
  const angle = radians(angleDeg);
  const feed = { x: -fed * Math.sin(angle), y: (deeperTowardOperator ? 1 : -1) * Math.cos(angle) };
  return { feed, handle: deeperTowardOperator ? feed : { x: -feed.x, y: -feed.y } };
}
