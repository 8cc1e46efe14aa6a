import { bitesOf } from '../cut/bites';
import { cutOn, uncut, type CutThread } from '../cut/cut-thread';
import type { CutCase } from '../cut/cut-case';
import type { Pose } from '@/core/thread/geometry/pose';
import { cuttingForce } from './cutting-force';
import type { WorkMaterial } from './work-material';

/** What a part that gives becomes under the tool. */
export interface SprungThread {
  /** As it was really cut: every pose as deep as the part let it. */
  thread: CutThread;
  /** How far the part stood off the tool in each pass, mm. */
  gave: number[];
}

/**
 * Cuts a thread in a part that bends away: in each pass the tool goes in until what the part gives under the force of the
 * real chip makes up the rest of the dial's depth. What is left of one pass is taken by the next, or by a spring pass. All
 * lengths in mm.
 * @param complianceAt mm per N at the place that is cut
 */
export function cutSprung(
  cutCase: CutCase,
  poses: readonly Pose[],
  material: WorkMaterial,
  complianceMmPerN: number,
): SprungThread {
  let thread = uncut(cutCase, poses.at(-1)?.x ?? 0);
  const gave: number[] = [];
  for (const pose of poses) {
    const depth = settledDepth(thread, pose, material, complianceMmPerN);
    gave.push(Math.max(0, pose.y - depth));
    thread = cutOn(thread, { ...pose, y: depth });
  }
  return { thread, gave };
}

/** Rounds of halving: to 2^-24 of the depth, far under a thousandth of any dial. */
const ROUNDS = 24;

/** The depth at which what the part gives and what is cut make up the depth of the dial; the force grows with the depth. */
function settledDepth(thread: CutThread, pose: Pose, material: WorkMaterial, compliance: number): number {
  if (compliance <= 0 || pose.y <= 0) return pose.y;
  const miss = (y: number) => {
    const after = cutOn(thread, { ...pose, y });
    const bites = bitesOf(after, after.poses.length - 1);
    const { radial } = cuttingForce(bites, material, thread.cutCase.flankAngleDeg);
    return y + radial * compliance - pose.y;
  };
  let [low, high] = [0, pose.y];
  for (let round = 0; round < ROUNDS; round += 1) {
    const middle = (low + high) / 2;
    if (miss(middle) > 0) high = middle;
    else low = middle;
  }
  return (low + high) / 2;
}
