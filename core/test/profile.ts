import type { ToolShape } from '@/core/cutting/cut/tool-shape';
import { areaUnder, depthAt } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';

/** Where two pieces meet, either may be asked. */
const TOUCH = 1e-12;

/** For tests: the same tool seen in a mirror: the other hand, or the other side. */
export function mirroredShape(shape: ToolShape): ToolShape {
  return { ...shape, lowDeg: shape.highDeg, highDeg: shape.lowDeg };
}

/** Area between a profile and y = 0, exact. */
export function areaOf(profile: Profile): number {
  return profile.reduce((sum, piece) => sum + areaUnder(piece, piece.x0, piece.x1), 0);
}

/** Depth of a profile at a place inside of it; the deeper one where two pieces meet. */
export function profileDepth(profile: Profile, x: number): number {
  let deepest = -Infinity;
  for (const piece of profile)
    if (x >= piece.x0 - TOUCH && x <= piece.x1 + TOUCH) deepest = Math.max(deepest, depthAt(piece, x));
  return deepest;
}
