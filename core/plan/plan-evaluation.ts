import type { ExactRow, Pass } from '../schedule';
import type { Thread, ThreadLimits } from '../thread';
import type { Tip, TipLimit } from '../tool';
import type { Length } from '../units';
import type { PlanIssue } from './plan-issue';

/**
 * Everything that follows from the decisions of a plan, as far as they are readable: what can not be worked out is
 * null, and the issues say why. Lengths are in the thread's unit unless they carry their own. Figures of a dial, a
 * scale or a speed are those of the lathe looked at.
 */
export interface PlanEvaluation {
  thread: Thread | null;
  limits: ThreadLimits | null;
  /** Real major diameter of the blank, or the real bore. */
  blank: number | null;
  tip: Tip | null;
  /** False where the tip was not measured: `tip` is then the form's usual one, and no size is foretold. */
  tipKnown: boolean;
  tipLimit: TipLimit | null;
  target: number | null;
  wire: number | null;
  bestWire: number | null;
  wireRange: { min: number; max: number } | null;
  overWires: { min: number; target: number; max: number } | null;
  radialDepth: number | null;
  /** Exact compound feed to the target, before any dial's graduation. */
  compoundFeed: number | null;
  /** Diameter that the deepest point of the tool leaves at the target. */
  rootDiameter: number | null;
  /** Side clearance that the helix angle asks of the tool. */
  sideClearance: { leading: number; trailing: number } | null;
  /** What the largest infeed takes off the trailing flank, square to it; negative leaves a step. */
  trailingStep: number | null;
  /** As typed, or as proposed for this tip. */
  largestInfeed: Length | null;
  /** The schedule before any dial. */
  rows: ExactRow[] | null;
  suggestedRoughing: number | null;
  /** Seconds that the tool is in the run-out groove. */
  timeInRunOut: number | null;
  /** On the lathe looked at. */
  swivelMarkDeg: number | null;
  passes: Pass[] | null;
  /** Of the plan itself. */
  issues: PlanIssue[];
}
