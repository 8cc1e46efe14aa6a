import type { FieldIssue } from '../errors/field-issue';
import type { Thread, ThreadLimits } from '../thread';
import type { Tip, TipLimit } from '../tool';
import type { Length } from '../units';
import type { PlanField } from './plan-form';
import type { PlannedPass } from './planned-pass';

export interface PlanWarning {
  field: PlanField;
  message: string;
}

/**
 * Everything that follows from the decisions of a plan, as far as they are readable: what can not be worked out is
 * null, and `issues` says why. Lengths are in the thread's unit unless they carry their own.
 */
export interface PlanEvaluation {
  thread: Thread | null;
  limits: ThreadLimits | null;
  /** Real major diameter of the blank, or the real bore. */
  blank: number | null;
  tip: Tip | null;
  tipLimit: TipLimit | null;
  target: number | null;
  wire: number | null;
  bestWire: number | null;
  wireRange: { min: number; max: number } | null;
  overWires: { min: number; target: number; max: number } | null;
  radialDepth: number | null;
  /** Exact compound feed to the target, before the dial's graduation. */
  compoundFeed: number | null;
  /** Diameter that the deepest point of the tool leaves at the target. */
  rootDiameter: number | null;
  swivelMarkDeg: number | null;
  /** Side clearance that the helix angle asks of the tool. */
  sideClearance: { leading: number; trailing: number } | null;
  /** What the largest infeed takes off the trailing flank, square to it; negative leaves a step. */
  trailingStep: number | null;
  /** As typed, or as proposed for this tip. */
  largestInfeed: Length | null;
  passes: PlannedPass[] | null;
  suggestedRoughing: number | null;
  /** Seconds that the tool is in the run-out groove. */
  timeInRunOut: number | null;
  issues: FieldIssue[];
  warnings: PlanWarning[];
}

/** An evaluation before anything is known. */
export const NOTHING: Omit<PlanEvaluation, 'issues' | 'warnings'> = {
  thread: null,
  limits: null,
  blank: null,
  tip: null,
  tipLimit: null,
  target: null,
  wire: null,
  bestWire: null,
  wireRange: null,
  overWires: null,
  radialDepth: null,
  compoundFeed: null,
  rootDiameter: null,
  swivelMarkDeg: null,
  sideClearance: null,
  trailingStep: null,
  largestInfeed: null,
  passes: null,
  suggestedRoughing: null,
  timeInRunOut: null,
};

export type Refuse = (field: PlanField, code: FieldIssue['code'], message: string) => void;
export type Warn = (field: PlanField, message: string) => void;
