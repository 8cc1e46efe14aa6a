import { bestWire } from '@/core/measuring/gauging/three-wires';
import { crestLimits, type ThreadLimits } from '@/core/thread/standards/thread-limits';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { tipLimit } from '@/core/thread/tool/tip-limit';
import { LENGTH_DECIMALS } from '@/core/base/units/format-length';
import { roundTo } from '@/core/base/units/round';
import type { Length, LengthUnit } from '@/core/base/units/length';

/** What Oyakata proposes where the form is left empty; common practice unless a standard is named. */
export interface PlanDefaults {
  /** Middle of the crest's limits: a blank "a little under nominal", a bore a little over the smallest. */
  blankDiameter: Length;
  /** The form's usual truncation of the tool (60 degrees: P/8), or less where the root has no room for it. */
  tipFlat: Length;
  /** The radius that does the same (60 degrees: H/6 = 0.144 P), rounded down to what a stone can make. */
  tipRadius: Length;
  /** A full-profile insert: the thread's pitch and no other. */
  insertPitch: Length;
  /** Half a degree under the flank angle, as the books have it: 29.5 for 60 degrees. */
  compoundAngleDeg: number;
  targetPitchDiameter: Length;
  wireDiameter: Length;
  /** Of the run-out groove, the recess, or the boss beyond: three pitches; common practice. */
  runOutWidth: Length;
  /** From the jaws, for a through thread: as much and the tool. */
  standOff: Length;
  /** Pulled out at a line: two pitches of thread that runs shallow; common practice. */
  imperfectLength: Length;
}

/** A speed that leaves a beginner time; common practice. */
export const USUAL_SPEED_RPM = 70;

export function planDefaults(thread: Thread, limits: ThreadLimits): PlanDefaults {
  const { unit } = thread;
  const pitch = pitchOf(thread);
  const { flankAngleDeg, usualTip } = formOf(thread);
  const decimals = LENGTH_DECIMALS[unit];
  const length = (value: number, places = decimals): Length => ({ value: roundTo(value, places), unit });
  const down = (value: number): Length => ({
    value: Math.floor(value * 10 ** decimals + 1e-6) / 10 ** decimals,
    unit,
  });
  const crest = crestLimits(limits);
  const target = length((limits.pitchDiameter.min + limits.pitchDiameter.max) / 2);
  const most = tipLimit(thread, limits, target.value);
  return {
    blankDiameter: length((crest.min + crest.max) / 2),
    tipFlat: down(Math.min(usualTip.flat * pitch, most.flat)),
    tipRadius: down(Math.min(usualTip.radius * pitch, most.radius)),
    insertPitch: length(pitch, 6),
    compoundAngleDeg: flankAngleDeg - 0.5,
    targetPitchDiameter: target,
    wireDiameter: length(bestWire(pitch, flankAngleDeg), decimals + 1),
    runOutWidth: length(3 * pitch, decimals - 1),
    standOff: length(4 * pitch, decimals - 1),
    imperfectLength: length(2 * pitch, decimals - 1),
  };
}

/** Infeeds of the compound that are proposed for a unit (common practice). */
const INFEEDS: Record<LengthUnit, Record<InfeedDefault, Length>> = {
  in: {
    scratchInfeed: { value: 0.002, unit: 'in' },
    secondInfeed: { value: 0.002, unit: 'in' },
    finishingInfeed: { value: 0.001, unit: 'in' },
  },
  mm: {
    scratchInfeed: { value: 0.04, unit: 'mm' },
    secondInfeed: { value: 0.06, unit: 'mm' },
    finishingInfeed: { value: 0.02, unit: 'mm' },
  },
};

export type InfeedDefault = 'scratchInfeed' | 'secondInfeed' | 'finishingInfeed';

/** Proposed infeeds in the thread's unit; each lathe's dial rounds the readings that follow from them. */
export function infeedDefaults(unit: LengthUnit): Record<InfeedDefault, Length> {
  return INFEEDS[unit];
}
