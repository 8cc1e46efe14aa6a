import { DRIVE_DATA, type RealDrive } from '@/core/machine/technique/drives';

/** What the time of a pass depends on. Lengths in one unit. */
export interface TimeCase {
  lead: number;
  /** The way of the tool along the work, to the end of the thread. */
  threadLength: number;
  rpm: number;
  drive: RealDrive;
  /** Longest wait for a safe dial mark, seconds; null where nobody waits for one. */
  waitSeconds: number | null;
}

/** Seconds of one pass, part by part. */
export interface PassTime {
  cut: number;
  /** Clear the tool and take the carriage back. */
  back: number;
  /** Set the dials, oil. */
  set: number;
  /** Until the half nut can close: on average half of the longest wait. */
  wait: number;
  whole: number;
}

/** The tool starts some turns before the work, so that the slack is out. */
const TURNS_BEFORE = 3;

/** Common practice, timed by hand: dials to zero and to the next reading, a stroke of oil. */
const SETTING = 8;

/** How long a pass takes, by figures of common practice; it guides a lesson. */
export function passTime({ lead, threadLength, rpm, drive, waitSeconds }: TimeCase): PassTime {
  const cut = ((threadLength / lead + TURNS_BEFORE) * 60) / rpm;
  const back = DRIVE_DATA[drive].backSeconds(cut);
  const wait = !DRIVE_DATA[drive].waits || waitSeconds === null ? 0 : waitSeconds / 2;
  return { cut, back, set: SETTING, wait, whole: cut + back + SETTING + wait };
}
