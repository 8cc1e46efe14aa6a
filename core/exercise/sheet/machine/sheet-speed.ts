import { leadOfThread } from '@/core/machine/gearing/lead-of-thread';
import { speedCap } from '@/core/machine/lathe/speeds-of';
import type { Lathe } from '@/core/machine/lathe/lathe';
import type { planDefaults } from '../../plan/plan-defaults';
import type { Plan } from '../../plan/plan';
import { leastRunOut, reactionOf, speedLimit, timeLeft } from '@/core/machine/technique/speed-limit';
import { speedOnLathe } from '@/core/machine/technique/speed-on-lathe';
import { isCarbide, threadingSpeed } from '@/core/machine/technique/threading-speed';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { Way } from '@/core/machine/technique/way';
import { leadOf, type Thread } from '@/core/thread/standards/thread';
import { lengthIn } from '@/core/base/units/length';
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
 * The fastest speed of this lathe that is not above what the plan asks, nor above what placards and lead screw allow;
 * unless the plan sets the hand's limit aside, also one that leaves the reaction time. Its slowest where none does. A
 * lathe whose speeds nobody has written down is asked for the plan's.
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
  const byHand = plan.technique.handLimit === 'keeps' ? reactionSeconds : null;
  const settled = speedOnLathe(lathe, allowed, lead, byHand, limitWith);
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
    surfaceUsual: usualSurface(plan, unit),
    turnsLeft: limit.usable === null ? null : Math.max(0, limit.usable / lead - limit.runDownTurns),
  };
}

function capWords({ rpm, by }: NonNullable<ReturnType<typeof speedCap>>): string {
  const most = Math.floor(rpm);
  return by === 'lead-screw'
    ? `The lead screw forbids more than ${most} rpm for this lead.`
    : `A placard forbids more than ${most} rpm with ${by.placard.lever} at ${by.placard.position}.`;
}

/** What is usual for the material and the tool of the plan, in the thread's unit per minute. */
function usualSurface({ work, tool }: Plan, unit: Thread['unit']): number | null {
  const usual = threadingSpeed(work.material, isCarbide(tool.tip.kind, tool.material));
  return usual === null ? null : lengthIn({ value: usual * 1000, unit: 'mm' }, unit);
}
