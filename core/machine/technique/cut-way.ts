import { frameOf, type Direction, type Frame, type ToolSide } from '@/core/thread/geometry/frame';
import type { Hand, Side } from '@/core/thread/standards/thread';
import type { EndSeenBy } from './choices';
import type { ClearOrder, Clearing, InfeedWay, MarkRule, WorkEnd } from './choices';
import type { Holding } from './holdings';

/** How a thread is cut, whatever drives the carriage between two cuts. */
export interface CutWay {
  side: Side;
  hand: Hand;
  starts: number;
  direction: Direction;
  toolSide: ToolSide;
  clearing: Clearing;
  clearOrder: ClearOrder;
  infeed: InfeedWay;
  compoundSide: 'usual' | 'other';
  markRule: MarkRule;
  end: WorkEnd;
  holding: Holding;
  /** By what the end of the cut is seen; null: not said. */
  endSeenBy?: EndSeenBy | null;
}

/** The frame of a way. */
export function frameOfWay({ side, hand, direction, toolSide, compoundSide }: CutWay): Frame {
  return frameOf({ side, hand, direction, toolSide, compoundSide });
}
