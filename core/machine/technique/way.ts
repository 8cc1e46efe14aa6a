import { frameOf, type Direction, type Frame, type ToolSide } from '@/core/thread/geometry/frame';
import type { Hand, Side } from '@/core/thread/standards/thread';
import type { ClearOrder, Clearing, Drive, WorkEnd, Holding, InfeedWay, MarkRule } from './choices';

/** One way of cutting a thread: all choices that decide its steps, its pass cycle, its speed and its hazards. */
export interface Way {
  side: Side;
  hand: Hand;
  starts: number;
  direction: Direction;
  drive: Drive;
  toolSide: ToolSide;
  clearing: Clearing;
  clearOrder: ClearOrder;
  infeed: InfeedWay;
  compoundSide: 'usual' | 'other';
  markRule: MarkRule;
  end: WorkEnd;
  holding: Holding;
}

/** The frame of a way. */
export function frameOfWay({ side, hand, direction, toolSide, compoundSide }: Way): Frame {
  return frameOf({ side, hand, direction, toolSide, compoundSide });
}
