import { frameOf, type FrameCase } from '@/core/thread/geometry/frame';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import type { Tip } from '@/core/thread/tool/tip';

/** How the tool goes in. One unit for all lengths. */
export interface GrooveCase {
  pitch: number;
  starts: number;
  tip: Tip;
  flankAngleDeg: number;
  compoundAngleDeg: number;
  /** The way along x that the compound feeds, from the frame. */
  fed: 1 | -1;
}

/** A thread cut in a way, with a tip and an angle of the compound. */
export function grooveCaseOf(
  thread: Thread,
  way: Omit<FrameCase, 'side' | 'hand'>,
  tip: Tip,
  compoundAngleDeg: number,
): GrooveCase {
  return {
    pitch: pitchOf(thread),
    starts: thread.starts,
    tip,
    flankAngleDeg: formOf(thread).flankAngleDeg,
    compoundAngleDeg,
    fed: frameOf({ ...way, side: thread.side, hand: thread.hand }).fed,
  };
}

/** One cut: the compound's reading from touch-off, and the start of the thread, from 0. */
export interface Feed {
  reading: number;
  start: number;
}

/** Where the tip's centre line stands after a feed, along the axis and below the surface; each start a pitch further. */
export function tipAt(grooveCase: GrooveCase, { reading, start }: Feed): Pose {
  const { compoundAngleDeg, fed, pitch } = grooveCase;
  return poseOf({ compound: reading, compoundAngleDeg, fed, carriage: start * pitch, start });
}
