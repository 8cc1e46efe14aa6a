import type { SwivelZero } from '../compound';
import type { Length } from '../units';

/**
 * The tool's tip as the plan stores it: lengths with their unit. An insert has a tip radius and the pitches it is made
 * for: one for a full-profile insert, a range for a partial-profile one.
 */
export type PlanTip =
  | { kind: 'sharp' }
  | { kind: 'flat'; flat: Length }
  | { kind: 'radius'; radius: Length }
  | { kind: 'insert'; radius: Length; pitchFrom: Length; pitchTo: Length };

/** Points of the three sections of the mark; they sum to 100. */
export interface MarkingScheme {
  setUp: number;
  passes: number;
  result: number;
}

/**
 * The plan of one exercise, as it is handed out, stored and exported. It holds what the instructor decided;
 * everything that follows from it is derived by `derivePlan`, never stored.
 */
export interface Plan {
  format: 'oyakata-plan';
  version: 1;
  title: string;
  /** Canonical designation of a right-hand, single-start thread. */
  thread: string;
  /** Major diameter to which the blank is turned, or the real one if it is at hand; of an internal thread the bore. */
  blankDiameter: Length;
  tip: PlanTip;
  /** Counted from the cross-slide axis. */
  compoundAngleDeg: number;
  swivelZero: SwivelZero;
  targetPitchDiameter: Length;
  wireDiameter: Length;
  /** The compound's dial: one graduation and one full turn. */
  dial: { graduation: Length; perTurn: Length };
  /** Compound feeds. */
  scratchInfeed: Length;
  roughingPasses: number;
  largestInfeed: Length;
  finishingPasses: number;
  finishingInfeed: Length;
  springPasses: number;
  spindleSpeedRpm: number;
  runOutWidth: Length;
  marking: MarkingScheme;
}
