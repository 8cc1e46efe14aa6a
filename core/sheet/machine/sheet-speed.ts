import { leadOfThread } from '../../gearing';
import { fastestWithin, slowest, speedCap, type Lathe } from '../../lathe';
import type { planDefaults } from '../../plan';
import { type Plan } from '../../plan';
import {
  leastRunOut,
  maxRpm,
  reactionOf,
  speedLimit,
  timeLeft,
  type RealDrive,
  type Way,
} from '../../technique';
import { leadOf, type Thread } from '../../thread';
import { lengthIn } from '../../units';
import type { Sheet } from '../sheet';

/** What the speed of a sheet hangs on. Lengths in the thread's unit. */
export interface SheetSpeedCase {
  plan: Plan;
  lathe: Lathe;
  thread: Thread;
  way: Way;
  drive: RealDrive;
  /** The tool's width at the surface at full depth. */
  toolWidth: number;
  /** Of the crest, where the tool meets the work fastest. */
  workDiameter: number;
  defaults: ReturnType<typeof planDefaults>;
  levers: readonly { lever: string; position: string }[];
}

/**
 * The fastest speed of this lathe that is not above what the plan asks, nor above what placards and lead screw allow,
 * and leaves the reaction time; its slowest where none does. A lathe whose speeds nobody has written down is asked for
 * the plan's.
 */
export function sheetSpeed(speedCase: SheetSpeedCase): Sheet['speed'] {
  const { plan, lathe, thread, way, drive, toolWidth, workDiameter, defaults, levers } = speedCase;
  const { end } = plan.work;
  const { unit } = thread;
  const lead = leadOf(thread);
  const length =
    end.kind === 'mark'
      ? (end.imperfectLength ?? defaults.imperfectLength)
      : end.kind === 'through'
        ? (end.standOff ?? defaults.standOff)
        : (end.width ?? defaults.runOutWidth);
  const runOutWidth = lengthIn(length, unit);
  const reactionSeconds = reactionOf(plan.technique.level, plan.technique.reactionSeconds);
  const limitWith = (runDownTurns: number | null) =>
    speedLimit({
      way,
      drive,
      lead,
      reactionSeconds,
      endLength: runOutWidth,
      toolWidth,
      room: end.room === null ? null : lengthIn(end.room, unit),
      runDownTurns,
    });
  const asked = plan.technique.spindleSpeedRpm;
  const cap = speedCap(lathe, levers, leadOfThread(thread));
  const allowed = Math.min(asked, cap?.rpm ?? Infinity);
  // Each speed has its own run-down, so the fastest is sought from the top.
  let chosen = fastestWithin(lathe, allowed);
  for (let guard = 0; guard < 60 && chosen != null; guard += 1) {
    const limit = limitWith(chosen.runDownTurns);
    const most = maxRpm(limit, lead, reactionSeconds);
    if (most === null || chosen.rpm <= most + 1e-9) break;
    const slower = fastestWithin(lathe, Math.min(most, chosen.rpm - 1e-6));
    if (slower == null || slower.rpm >= chosen.rpm) {
      chosen = null;
      break;
    }
    chosen = slower;
  }
  const settled = chosen ?? (chosen === null ? slowest(lathe) : null);
  const rpm = settled?.rpm ?? allowed;
  const { endsBy, usable, room, runDownTurns } = limitWith(
    settled?.runDownTurns ?? lathe.spindle.runDownTurns,
  );
  const limit = { endsBy, usable, room, runDownTurns };
  const marked = settled === null || settled.marked === settled.rpm ? null : settled.marked;
  return {
    rpm,
    runOutWidth,
    leastRunOut: limit.usable === null ? null : leastRunOut(limit, lead, rpm, reactionSeconds, toolWidth),
    timeInRunOut: timeLeft(limit, lead, rpm),
    reactionSeconds,
    limit,
    asked,
    marked,
    set: settled?.set ?? '',
    cap: cap === null || cap.rpm >= asked ? null : capWords(cap),
    carriagePerMinute: lead * rpm,
    surfacePerMinute: Math.PI * workDiameter * rpm,
    turnsLeft: limit.usable === null ? null : Math.max(0, limit.usable / lead - limit.runDownTurns),
  };
}

function capWords({ rpm, by }: NonNullable<ReturnType<typeof speedCap>>): string {
  const most = Math.floor(rpm);
  return by === 'lead-screw'
    ? `The lead screw forbids more than ${most} rpm for this lead.`
    : `A placard forbids more than ${most} rpm with ${by.placard.lever} at ${by.placard.position}.`;
}
