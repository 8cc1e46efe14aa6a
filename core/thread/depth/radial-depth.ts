import { depthOf, diameterAt } from '../geometry/frame';
import { formOf } from '../standards/systems';
import { pitchOf, type Side, type Thread } from '../standards/thread';
import { tipShortening, type Tip } from '../tool/tip';
import { radians } from '@/core/base/units/angle';

export interface DepthCase {
  /** Real major diameter of the blank, or the real bore of an internal thread. One unit throughout, the thread's. */
  workDiameter: number;
  pitch: number;
  tip: Tip;
  flankAngleDeg: number;
  side: Side;
}

/** A thread, its real blank or bore and a tip, as the functions here take them. */
export function depthCaseOf(thread: Thread, workDiameter: number, tip: Tip): DepthCase {
  const { flankAngleDeg } = formOf(thread);
  return { workDiameter, pitch: pitchOf(thread), tip, flankAngleDeg, side: thread.side };
}

/**
 * Radial depth from the real blank's surface to the deepest point of the tool that leaves a pitch diameter:
 * h = (Dm - d2) / 2 + P / (4 tan a) - shortening of the tip. For 60 degrees and a flat f this is
 * (Dm - d2) / 2 + (P / 2 - f) (sqrt 3) / 2. Internal likewise outward, from the bore. Geometry, no allowance for bending or burrs.
 *
 * @example radialDepthFor({ workDiameter: 0.748, pitch: 0.1, tip: { kind: 'flat', flat: 0.0125 }, flankAngleDeg: 30, side: 'external' }, 0.6803) // 0.0663
 */
export function radialDepthFor(depthCase: DepthCase, pitchDiameter: number): number {
  return depthOf(depthCase.side, depthCase.workDiameter, pitchDiameter) + groundHeight(depthCase);
}

/** The pitch diameter that a radial depth leaves; the inverse of `radialDepthFor`. */
export function pitchDiameterAt(depthCase: DepthCase, radialDepth: number): number {
  return diameterAt(depthCase.side, depthCase.workDiameter, radialDepth - groundHeight(depthCase));
}

/** Depth at which the groove is exactly half a pitch wide at the surface: shallower, it has no pitch diameter. */
export function groundHeight({ pitch, tip, flankAngleDeg }: DepthCase): number {
  return pitch / 4 / Math.tan(radians(flankAngleDeg)) - tipShortening(tip, flankAngleDeg);
}
