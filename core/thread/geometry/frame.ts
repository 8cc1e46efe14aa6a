import type { Hand, Side } from '../standards/thread';

export type Direction = 'toward-headstock' | 'away-from-headstock';
export type ToolSide = 'front' | 'back';

/** How a thread is cut, as far as it decides signs. */
export interface FrameCase {
  side: Side;
  hand: Hand;
  direction: Direction;
  toolSide: ToolSide;
  /** The compound swung to its usual side, which feeds toward the leading flank, or to the other. */
  compoundSide: 'usual' | 'other';
}

/**
 * The one frame in which everything that cuts is described: x along the axis, toward the headstock; y into the
 * material, inward for an external thread and outward for a bore. All signs of a set-up stand here and nowhere else.
 */
export interface Frame extends FrameCase {
  /** What one unit of depth does to a diameter: -2 outside, +2 in a bore. */
  diameterPerDepth: -2 | 2;
  /** The way of the carriage while it cuts, along x; the leading flank lies on this side of the tool. */
  leading: 1 | -1;
  /** The way along x that a feed of the compound takes the tool: the flank on this side is the fed one. */
  fed: 1 | -1;
  /** Hand rule, with a right-hand lead screw: it turns against the spindle for a left-hand thread. */
  leadScrewReversed: boolean;
  /** Whether the spindle runs backward: a right-hand thread away from the headstock, a left-hand one toward it. */
  spindleReversed: boolean;
  /**
   * Whether the tool stands upside down: its edge meets what comes round, which at the front comes down when the
   * spindle runs forward, and at the back comes up.
   */
  toolInverted: boolean;
  /** Whether the tool comes deeper as the cross slide moves toward the operator. */
  deeperTowardOperator: boolean;
}

/** The frame of a way of cutting. @example frameOf(an external right-hand thread cut toward the headstock).fed // 1 */
export function frameOf(frameCase: FrameCase): Frame {
  const { side, hand, direction, toolSide, compoundSide } = frameCase;
  const leading = direction === 'toward-headstock' ? 1 : -1;
  const internal = side === 'internal';
  const spindleReversed = (hand === 'left') === (direction === 'toward-headstock');
  return {
    ...frameCase,
    diameterPerDepth: internal ? 2 : -2,
    leading,
    fed: compoundSide === 'usual' ? leading : flipped(leading),
    leadScrewReversed: hand === 'left',
    spindleReversed,
    toolInverted: spindleReversed === (toolSide === 'front'),
    deeperTowardOperator: internal === (toolSide === 'front'),
  };
}

const flipped = (sign: 1 | -1): 1 | -1 => (sign === 1 ? -1 : 1);

/** What one unit of depth does to a diameter on a side: the sign on which every depth and every size agrees. */
export function diameterPerDepth(side: Side): -2 | 2 {
  return side === 'external' ? -2 : 2;
}

/** The diameter at a depth below the work's surface. */
export function diameterAt(side: Side, workDiameter: number, depth: number): number {
  return workDiameter + diameterPerDepth(side) * depth;
}

/** The depth of a diameter below the work's surface; negative where it stands proud. */
export function depthOf(side: Side, workDiameter: number, diameter: number): number {
  return (diameter - workDiameter) / diameterPerDepth(side);
}
