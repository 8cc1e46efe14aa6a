import { hasTailstock } from './holdings';
import type { Level } from './choices';
import { type RealDrive, DRIVE_DATA } from './drives';
import type { EndsBy } from './drives/drive-data';
import type { Way } from './way';

/** Time that a hand needs from seeing to doing: a beginner's, and a practised one's; common practice. */
export const REACTION_SECONDS_BY_LEVEL = { 'each-step': 1.2, 'one-page': 0.7 } as const;

/** The reaction time that counts: an own one, or that of the level. */
export const reactionOf = (level: Level, own: number | null): number =>
  own ?? REACTION_SECONDS_BY_LEVEL[level];

/** The figures that a limit of speed is made of. Lengths in one unit. */
export interface SpeedCase {
  way: Way;
  drive: RealDrive;
  lead: number;
  reactionSeconds: number;
  /** Width of the groove or recess, length of the boss, stand-off from the jaws, or the imperfect length; null: not said. */
  endLength: number | null;
  /** The tool's width at the surface at full depth. */
  toolWidth: number;
  /** From the run-out on to chuck or shoulder; away from the headstock to live centre or tailstock. Null: not said. */
  room: number | null;
  /** Turns that the spindle still makes after switching off; null: not known. */
  runDownTurns: number | null;
}

/** What a technique leaves of time, and the least run-out that it asks for. */
export interface SpeedLimit {
  endsBy: EndsBy | 'imperfect-length' | 'way-left';
  /** In which the hand must act; null: there is no such limit. */
  usable: number | null;
  /** In which the spindle must come to rest as well, after the tool was cleared; null: no such limit. */
  room: number | null;
  /** Turns of run-down that count. */
  runDownTurns: number;
  /** Whether the run-down is asked for, but not known of this lathe. */
  runDownUnknown: boolean;
}

/**
 * What limits the speed of a technique (common practice). Opening the half nut: the usable width of the run-out, which
 * is its width less the tool's own at the surface at full depth, holds the reaction. Stopping in it: reaction and
 * run-down. Clearing first: the run-out holds the reaction, the room to chuck and shoulder the run-down too. A trip:
 * no limit of speed. Away from the headstock: the way that is left to the live centre; with the half nut kept closed both
 * that, run-down included, and the return under power at the shoulder. Pulled out at a line: the imperfect length.
 */
export function speedLimit(speedCase: SpeedCase): SpeedLimit {
  const { way, drive, endLength, toolWidth, room } = speedCase;
  const endsBy = DRIVE_DATA[drive].endsBy(way);
  const none = { usable: null, room: null, runDownTurns: 0, runDownUnknown: false };
  if (endsBy === 'trip') return { endsBy, ...none };
  const away = way.direction === 'away-from-headstock';
  const usable =
    endLength === null ? null : Math.max(0, way.end === 'mark' ? endLength : endLength - toolWidth);
  const runDown = {
    runDownTurns: speedCase.runDownTurns ?? 0,
    runDownUnknown: speedCase.runDownTurns === null,
  };
  if (away && endsBy === 'opening')
    return { endsBy: 'way-left', ...none, usable: hasTailstock(way.holding) ? room : null };
  if (endsBy === 'opening')
    return { endsBy: way.end === 'mark' ? 'imperfect-length' : endsBy, ...none, usable };
  if (endsBy === 'clearing') return { endsBy, usable, room, ...runDown };
  // Away from the headstock a cut under a closed half nut also comes to rest before the live centre.
  return { endsBy, usable, room: away && hasTailstock(way.holding) ? room : null, ...runDown };
}

type Limits = Pick<SpeedLimit, 'endsBy' | 'usable' | 'room' | 'runDownTurns'>;

/** Turns of run-down that the usable length must hold as well. */
const heldByUsable = ({ endsBy, runDownTurns }: Limits) => (endsBy === 'stopping' ? runDownTurns : 0);

/** Seconds that are left to the hand at a speed: in the usable length, and in the room; null where nothing limits. */
export function timeLeft(limit: Limits, lead: number, rpm: number): number | null {
  const seconds = (length: number, runDown: number) => (60 * (length / lead - runDown)) / rpm;
  const times = [
    ...(limit.usable === null ? [] : [seconds(limit.usable, heldByUsable(limit))]),
    ...(limit.room === null ? [] : [seconds(limit.room, limit.runDownTurns)]),
  ];
  return times.length === 0 ? null : Math.min(...times);
}

/** The highest speed that leaves the reaction time; null where nothing limits it, 0 where none does. */
export function maxRpm(limit: Limits, lead: number, reactionSeconds: number): number | null {
  const one = timeLeft(limit, lead, 1);
  return one === null ? null : Math.max(0, one / reactionSeconds);
}

/** The least length of the run-out, tool included, that leaves the reaction time at a speed. */
export function leastRunOut(
  limit: Limits,
  lead: number,
  rpm: number,
  reactionSeconds: number,
  toolWidth: number,
): number {
  return ((rpm / 60) * reactionSeconds + heldByUsable(limit)) * lead + toolWidth;
}
