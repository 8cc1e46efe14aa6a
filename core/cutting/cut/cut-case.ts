import type { Side } from '@/core/thread/standards/thread';
import type { ToolShape } from './tool-shape';

/** What is cut, by which tool. Lengths in one unit. */
export interface CutCase {
  side: Side;
  /** Real diameter of the blank, or of the bore. */
  workDiameter: number;
  /** Between neighbouring grooves; a thread of several starts moves by `starts` of them in a turn. */
  pitch: number;
  starts: number;
  shape: ToolShape;
  /** Half of the form's angle between its flanks, which the result is held against. */
  flankAngleDeg: number;
  /** The way along x that the compound feeds, from the frame: the flank on this side is the fed one. */
  fed: 1 | -1;
  /** How far the edge stands above or below the axis of the work; 0 is on centre. The sign makes no difference. */
  offCentre: number;
}

/** A stretch along the axis. */
export interface Stretch {
  from: number;
  to: number;
}
