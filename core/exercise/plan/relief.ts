import { depthOf } from '@/core/thread/geometry/frame';
import { printedMinors } from '@/core/thread/standards/printed-minors';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import type { Thread } from '@/core/thread/standards/thread';
import type { Relief } from './plan-names';

/** A diameter to which groove or recess can be cut, in the thread's unit. */
export interface ReliefOption {
  by: Relief;
  diameter: number;
  /** The root that it is the diameter of, as tables name it; of the tool's own root nothing. */
  root: string;
  /** How deep the tool still cuts in it, on the radius; 0: it runs clear. */
  toolCuts: number;
}

/**
 * Every diameter that groove or recess may be cut to: the root that this tool leaves, and the printed ones by the form of
 * their root. Tables print the minor diameter (inside: the major) of a root that few tools leave, so that in most of them
 * the tool still cuts.
 */
export function reliefsOf(thread: Thread, limits: ThreadLimits, root: number): ReliefOption[] {
  const printed = limits.side === 'external' ? limits.minor.max : limits.major.min;
  const option = (by: Relief, diameter: number, form: string): ReliefOption => ({
    by,
    diameter,
    root: form,
    toolCuts: Math.max(0, depthOf(thread.side, diameter, root)),
  });
  return [
    option('planned-root', root, ''),
    option('printed-minor', printed, limits.side === 'external' ? 'flat root, basic form' : 'basic form'),
    ...printedMinors(thread, limits.allowance).map((minor) => option(minor.id, minor.ofClass, minor.root)),
  ];
}

/** The one that a plan names; one that this thread does not have is the tool's own root. */
export const reliefBy = (options: readonly ReliefOption[], by: Relief): number =>
  (options.find((each) => each.by === by) ?? options[0])?.diameter ?? 0;
