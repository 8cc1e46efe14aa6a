import type { Plan } from '../plan/plan';
import type { Way } from '@/core/machine/technique/way';
import type { Thread } from '@/core/thread/standards/thread';

/** The way of working that a plan asks for. */
export function wayOfPlan({ technique, infeed, work, holding }: Plan, { side, hand, starts }: Thread): Way {
  return {
    side,
    hand,
    starts,
    direction: technique.direction,
    drive: technique.drive,
    toolSide: technique.side,
    clearing: technique.clearing,
    clearOrder: technique.clearOrder,
    infeed: infeed.way,
    compoundSide: infeed.compoundSide,
    markRule: technique.markRule,
    end: work.end.kind,
    holding: holding.kind,
    endSeenBy: technique.endSeenBy,
  };
}
