import type { Band } from '@/core/thread/standards/thread-limits';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { SheetPass } from '../../sheet/sheet';
import type { Block } from '../entry/block';
import type { Place } from '../entry/kinds/measurement';

/** Where the work stands, by name: an empty row never has to say it. */
export const PHASES = [
  'sent-back',
  'set-up',
  'blocked',
  'zero',
  'cut',
  'check',
  'try',
  'measure',
  'stop',
  'enough',
  'past-saving',
  'prove',
  'after',
  'proven',
  'ended',
] as const;
export type Phase = (typeof PHASES)[number];

/** Why it is advised: a closed list; what was told once is never renamed. */
export const REASONS = [
  // the piece was looked at, and is not right yet
  'piece-sent-back',
  // set-up, and what stands in the way
  'open-step',
  'open-hold',
  'wrong-step',
  'not-known-here',
  'late-entries',
  // zeros
  'new-zero-asked',
  // what is cut
  'row',
  'rest-of-row',
  'carried-row',
  'spring-row',
  'pass-at-no-infeed-asked',
  'tight-clean-first',
  'spring-out-first',
  'by-measurement',
  'by-trial',
  'by-gauge',
  'other-start',
  'as-deep-as-is-safe',
  'angle-not-known',
  // what is asked
  'stop-due',
  'used-up',
  'crest-not-measured',
  'both-ends',
  'to-the-shoulder',
  'depth-not-known',
  'may-leave-the-limits',
  // what is to be looked at first
  'staircase',
  'pitch-wrong',
  'looks-wrong',
  'answers-disagree',
  'should-start',
  'crest-over',
  'second-groove',
  'unsafe-mark',
  'wobbles',
  // size
  'target-reached',
  'next-could-leave-the-limits',
  'runs-free',
  'gauge-right',
  'past-the-limit',
  // the end
  'rows-cut',
  'evidence-open',
  'after-step',
  'all-proven',
  'proof-not-right',
  'handed-in',
] as const;
export type Reason = (typeof REASONS)[number];

/** What is to be recorded next; null where a cut, a zero or a hand is wanted. */
export type Expects =
  | {
      do: 'measure';
      evidence: string;
      quantity: 'over-wires' | 'pitch-diameter';
      places: Place[];
      /** Diameter of the wires in hand, in the thread's unit. */
      wire: number | null;
      crest: boolean;
      final: boolean;
    }
  | {
      do: 'try';
      evidence: string;
      stop: string | null;
      bothEnds: boolean;
      toShoulder: boolean;
      crest: boolean;
      final: boolean;
    }
  | { do: 'find'; evidence: string; answers: readonly string[] | null; unit: string | null; final: boolean }
  | { do: 'stop'; stop: string; check: string; answers: readonly string[] }
  | { do: 'step'; id: string }
  | { do: 'sign'; id: string };

/** The cut that is advised. Figures of the dial count from the zero that is in force, in the dial's unit. */
export interface AdvisedCut {
  /** The row that it uses; null: by what was measured or tried. */
  row: SheetPass | null;
  start: number;
  reading: number;
  /** From where the dial stands in that start; 0 is a pass at no infeed. */
  infeed: number;
  /** What the row says, on the dial as it is zeroed now; null without a row. */
  planned: number | null;
  drive: RealDrive | 'unknown';
}

/** The one thing to do now, and because of what. */
export interface Advice {
  phase: Phase;
  because: Reason[];
  cut: AdvisedCut | null;
  expects: Expects | null;
  blockedBy: Block[];
  /** The sizes that are still possible now, and after the advised cut, in the thread's unit; null: nothing is known. */
  size: Band | null;
  foretold: Band | null;
  /** The deepest figure of the dial by which no size that is still possible leaves the limits; null: nothing is known. */
  deepest: number | null;
  /** Evidence of the proof without a final answer. */
  open: string[];
  warnings: string[];
}
