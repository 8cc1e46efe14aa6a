import { radians } from '@/core/base/units/angle';

/** The cutting end of the tool. Lengths are in the thread's unit. */
export type Tip = { kind: 'sharp' } | { kind: 'flat'; flat: number } | { kind: 'radius'; radius: number };

/**
 * How far the tip stops short of the point in which its two flanks would meet.
 * A flat `f` cuts off `f / 2 / tan(flank angle)`; a radius `r` that touches both flanks `r (1 / sin - 1)`,
 * which for 60 degrees is `0.866 f` and `r`.
 */
export function tipShortening(tip: Tip, flankAngleDeg: number): number {
  const angle = radians(flankAngleDeg);
  if (tip.kind === 'flat') return tip.flat / 2 / Math.tan(angle);
  if (tip.kind === 'radius') return tip.radius * (1 / Math.sin(angle) - 1);
  return 0;
}

/** Half of the width over which the tip departs from the straight flanks: where the root of the thread begins. */
export function tipHalfWidth(tip: Tip, flankAngleDeg: number): number {
  if (tip.kind === 'flat') return tip.flat / 2;
  if (tip.kind === 'radius') return tip.radius * Math.cos(radians(flankAngleDeg));
  return 0;
}
