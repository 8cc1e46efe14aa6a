import { bestWire } from '../gauging';
import { pitchOf, type ExternalLimits, type Thread } from '../thread';
import { roundTo, type Length, type LengthUnit } from '../units';

/** What Oyakata proposes where the form is left empty; common practice unless a standard is named. */
export interface PlanDefaults {
  /** Middle of the major limits, "a little under nominal". */
  blankDiameter: Length;
  /** Flat of P/8, the basic external crest and the usual truncation of a 60 degree tool. */
  tipFlat: Length;
  /** H/6 = 0.144 P, the largest root radius, rounded down to what a stone can make. */
  tipRadius: Length;
  targetPitchDiameter: Length;
  wireDiameter: Length;
  runOutWidth: Length;
}

export function planDefaults(thread: Thread, limits: ExternalLimits): PlanDefaults {
  const { unit } = thread;
  const pitch = pitchOf(thread);
  const decimals = unit === 'in' ? 4 : 3;
  const length = (value: number, places = decimals): Length => ({ value: roundTo(value, places), unit });
  const down = (value: number): Length => ({
    value: Math.floor(value * 10 ** decimals + 1e-6) / 10 ** decimals,
    unit,
  });
  return {
    blankDiameter: length((limits.major.min + limits.major.max) / 2),
    tipFlat: down(pitch / 8),
    tipRadius: down((0.866025404 * pitch) / 6),
    targetPitchDiameter: length((limits.pitchDiameter.min + limits.pitchDiameter.max) / 2),
    wireDiameter: length(bestWire(pitch), decimals + 1),
    runOutWidth: length(3 * pitch, decimals - 1),
  };
}

/** Proposals that depend on the dial's unit only (common practice). */
export const DIAL_DEFAULTS: Record<LengthUnit, Record<DialDefault, Length>> = {
  in: {
    dialGraduation: { value: 0.001, unit: 'in' },
    dialPerTurn: { value: 0.1, unit: 'in' },
    scratchInfeed: { value: 0.002, unit: 'in' },
    largestInfeed: { value: 0.01, unit: 'in' },
    finishingInfeed: { value: 0.001, unit: 'in' },
  },
  mm: {
    dialGraduation: { value: 0.02, unit: 'mm' },
    dialPerTurn: { value: 2, unit: 'mm' },
    scratchInfeed: { value: 0.04, unit: 'mm' },
    largestInfeed: { value: 0.26, unit: 'mm' },
    finishingInfeed: { value: 0.02, unit: 'mm' },
  },
};

export type DialDefault =
  'dialGraduation' | 'dialPerTurn' | 'scratchInfeed' | 'largestInfeed' | 'finishingInfeed';
