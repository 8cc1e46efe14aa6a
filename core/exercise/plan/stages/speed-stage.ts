import type { Lathe } from '@/core/machine/lathe/lathe';
import {
  leastRunOut,
  maxRpm,
  REACTION_SECONDS_BY_LEVEL,
  speedLimit,
  timeLeft,
  type SpeedLimit,
} from '@/core/machine/technique/speed-limit';
import { speedOnLathe } from '@/core/machine/technique/speed-on-lathe';
import { type RealDrive, catchesMarks } from '@/core/machine/technique/drives';
import type { Way } from '@/core/machine/technique/way';
import type { PlanIssue } from '../plan-issue';
import type { HandLimit } from '../plan-names';
import { remember } from '../remember';

/** A reaction time that leaves a beginner room to act; common practice. */
export const REACTION_SECONDS = REACTION_SECONDS_BY_LEVEL['each-step'];

export interface SpeedStage {
  speedLimit: SpeedLimit | null;
  /** Seconds that are left to the hand; null where nothing limits them. */
  timeInRunOut: number | null;
  /** The highest speed that leaves the reaction time; null where nothing limits it. */
  maxRpm: number | null;
  /** The least run-out for the speed that is asked. */
  leastRunOut: number | null;
  /** The speed of the lathe looked at that would be set, and what it leaves; null where its speeds are not written down. */
  onLathe: { rpm: number; timeLeft: number | null } | null;
  issues: PlanIssue[];
}

/** What limits the speed of this technique on the lathe looked at. Lengths in the thread's unit. */
export const speedStage = remember(
  (
    way: Way,
    drive: RealDrive,
    reaction: number,
    lead: number,
    endLength: number | null,
    toolWidth: number | null,
    room: number | null,
    runDownTurns: number | null,
    rpm: number | null,
    handLimit: HandLimit,
    /** Least rpm at which carbide still cuts well; null: no carbide, or nobody said what it cuts. */
    carbideRpm: number | null,
    lathe: Lathe,
  ): SpeedStage => {
    const none = {
      speedLimit: null,
      timeInRunOut: null,
      maxRpm: null,
      leastRunOut: null,
      onLathe: null,
      issues: [],
    };
    if (endLength === null || toolWidth === null || rpm === null) return none;
    const limitWith = (turns: number | null) =>
      speedLimit({
        way,
        drive,
        lead,
        reactionSeconds: reaction,
        endLength,
        toolWidth,
        room,
        runDownTurns: turns,
      });
    const limit = limitWith(runDownTurns);
    const timeInRunOut = timeLeft(limit, lead, rpm);
    const most = maxRpm(limit, lead, reaction);
    const least = limit.usable === null ? null : leastRunOut(limit, lead, rpm, reaction, toolWidth);
    const settled = speedOnLathe(lathe, rpm, lead, handLimit === 'keeps' ? reaction : null, limitWith);
    const onLathe =
      settled === null
        ? null
        : { rpm: settled.rpm, timeLeft: timeLeft(limitWith(settled.runDownTurns), lead, settled.rpm) };
    const stage = { speedLimit: limit, timeInRunOut, maxRpm: most, leastRunOut: least, onLathe };
    const issues: PlanIssue[] = [];
    const issue = { field: 'technique.speed', severity: 'warn' } as const;
    if (timeInRunOut !== null && timeInRunOut < reaction - 1e-9) {
      const facts = {
        rpm: Math.floor(most ?? 0),
        endsBy: limit.endsBy,
        halfNut: catchesMarks(drive),
        setAside: handLimit === 'set-aside',
      };
      issues.push({ ...issue, code: 'little-time', value: timeInRunOut, limit: reaction, unit: 's', facts });
    }
    if (carbideRpm !== null && rpm < carbideRpm - 1e-9)
      issues.push({
        ...issue,
        code: 'slow-for-carbide',
        value: rpm,
        limit: Math.ceil(carbideRpm),
        unit: 'rpm',
      });
    if (limit.runDownUnknown) issues.push({ ...issue, code: 'run-down-unknown' });
    return { ...stage, issues };
  },
);
