import type { ThreadLimits } from './thread-limits';
import type { Side, Thread } from './thread';
import type { ThreadForm } from './thread-form';

export type LimitQuantity = 'major' | 'pitchDiameter' | 'minor';

/** How a standard states the limits of a quantity. */
interface LimitRule {
  formula: string;
  source: string;
}

/** A family of threads under one standard: its form as data, its limits, its spelling. */
export interface ThreadSystem<T extends Thread> {
  form: ThreadForm;
  limits: (thread: T, engagement?: number) => ThreadLimits;
  /** The designation without the hand. */
  print: (thread: T) => string;
  /** Root radius that the standard allows outside, in pitches; null where the root keeps a flat. */
  rootRadius: { min: number; max: number } | null;
  /** The usual mating thread. */
  mate: (thread: T) => T;
  /** The rules behind the limits, for the reasons of each figure. */
  rules: (side: Side) => Record<LimitQuantity, LimitRule>;
}

/** The other side of a thread. */
export function otherSide(side: Side): Side {
  return side === 'external' ? 'internal' : 'external';
}
