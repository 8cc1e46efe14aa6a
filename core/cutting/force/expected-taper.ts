import { grooveAfter } from '../cut/measure-thread';
import type { CutCase } from '../cut/cut-case';
import type { Pose } from '@/core/thread/geometry/pose';
import { compliance, type Beam } from './bending';
import { cutSprung } from './spring-back';
import type { WorkMaterial } from './work-material';

/** What is expected at one place along the thread. Lengths in mm. */
export interface TaperPlace {
  /** From the chuck, or the headstock centre. */
  at: number;
  /** The pitch diameter that is left; null while there is none. */
  pitchDiameter: number | null;
  /** How far the part stood off in the last pass. */
  left: number;
}

/**
 * The pitch diameter along a thread in a part that gives: at each place by what the part gives there. A part held in the
 * chuck alone comes out large at its free end; with a centre it is largest between (common practice). So it is measured
 * there.
 */
export function expectedTaper(
  cutCase: CutCase,
  poses: readonly Pose[],
  material: WorkMaterial,
  beam: Beam,
  places: readonly number[],
): TaperPlace[] {
  return places.map((at) => {
    const { thread, gave } = cutSprung(cutCase, poses, material, compliance(beam, at));
    const deepest = thread.poses.reduce((most, pose) => (pose.y > most.y ? pose : most), {
      x: 0,
      y: 0,
      start: 0,
    });
    return {
      at,
      pitchDiameter: grooveAfter(thread, thread.poses.length, deepest).pitchDiameter,
      left: gave.at(-1) ?? 0,
    };
  });
}
