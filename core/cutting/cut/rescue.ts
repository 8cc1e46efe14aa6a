import { radians } from '@/core/base/units/angle';
import type { Pose } from '@/core/thread/geometry/pose';
import { deepestPose } from './cut-thread';

/** Whether a groove that was cut can still become the one that is wanted, and how. Lengths in the unit of the poses. */
export interface Rescue {
  saveable: boolean;
  /** How far along the axis the tool has to stand from where it was deepest, toward the headstock positive. */
  shift: number;
  /** How much deeper, radial; negative: it is too deep already. */
  infeed: number;
  /** Metal left on the flank toward the headstock and on the other, perpendicular to them; negative: so much is missing. */
  toHeadstock: number;
  toTailstock: number;
  /** How far the tool may stand off that place, along the axis. */
  mayBeOff: number;
}

/**
 * A tool that stands at (s, Y) takes all that the same tool took at (x, y) when it is deeper and beside it by no more than
 * its flank runs out: |x - s| <= (Y - y) tan a. A convex tool contains each copy of itself that is moved within its own
 * opening, so that this is exact for a flat, a radius and a point. Of all places that fulfil it the middle one is given,
 * with as much left on both flanks: it forgives the most.
 * @param wanted depth of the tip below the surface in the groove that is wanted
 */
export function rescueOf(poses: readonly Pose[], wanted: number, flankAngleDeg: number): Rescue {
  const slope = Math.tan(radians(flankAngleDeg));
  const deepest = deepestPose(poses);
  const cuts = poses.filter(({ y }) => y > 0);
  const low = Math.max(...cuts.map(({ x, y }) => x - (wanted - y) * slope), -Infinity);
  const high = Math.min(...cuts.map(({ x, y }) => x + (wanted - y) * slope), Infinity);
  const uncut = cuts.length === 0;
  const at = uncut ? 0 : (low + high) / 2;
  const off = uncut ? wanted * slope : (high - low) / 2;
  const left = off * Math.cos(radians(flankAngleDeg));
  return {
    saveable: off >= -1e-12 && wanted >= deepest.y - 1e-12,
    shift: at - (uncut ? 0 : deepest.x),
    infeed: wanted - deepest.y,
    toHeadstock: left,
    toTailstock: left,
    mayBeOff: Math.max(0, off),
  };
}
