import type { Pass } from '@/core/cutting/schedule/passes-on-dial';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import type { Tip } from '@/core/thread/tool/tip';
import type { TipLimit } from '@/core/thread/tool/tip-limit';
import type { PlanIssue } from './plan-issue';
import type { PartStage } from './stages/part-stage';
import type { PlannedRow, SettledSchedule } from './stages/rows-stage';
import type { SpeedStage } from './stages/speed-stage';
import type { PlannedStop } from './stages/stops-stage';
import type { School } from './read/read-schedule';
import type { UsualInfeeds } from './usual-infeed';

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
  /** The tool at full depth: its width at the surface. */
  toolWidth: number | null;
  /** Direction of the feed from the cross-slide axis: the compound's angle, or 0 where the cross slide feeds. */
  feedAngleDeg: number | null;
  /** Exact feed of the slide that feeds to the target, before any dial's graduation. */
  feed: number | null;
  /** Diameter that the deepest point of the tool leaves at the target. */
  rootDiameter: number | null;
  /** Side clearance that the helix angle asks of the tool. */
  sideClearance: { leading: number; trailing: number } | null;
  /** What the largest infeed takes off the trailing flank, square to it; negative leaves a step. */
  trailingStep: number | null;
  /** To which diameter relief is cut: what may be chosen, and what is. */
  relief: PartStage['relief'];
  /** The infeed that is proposed for this way, tip and material. */
  proposedInfeed: UsualInfeeds | null;
  /** As chosen, or as proposed. */
  school: School | null;
  /** What the schedule asks once the proposals are put in. */
  asked: SettledSchedule | null;
  /** The schedule before any dial, and the stops in it. */
  rows: PlannedRow[] | null;
  stops: PlannedStop[];
  suggestedRoughing: number | null;
  /** What limits the speed, and the seconds that are left to the hand; null where nothing limits them. */
  speedLimit: SpeedStage['speedLimit'];
  timeInRunOut: number | null;
  maxRpm: number | null;
  leastRunOut: number | null;
  /** How the carriage is driven on the lathe looked at. */
  drive: RealDrive | null;
  /** On the lathe looked at. */
  swivelGraduationDeg: number | null;
  /** The speed of the lathe looked at that would be set, and what it leaves. */
  onLathe: { rpm: number; timeLeft: number | null } | null;
  passes: Pass[] | null;
  /** Of the plan itself. */
  issues: PlanIssue[];
}
