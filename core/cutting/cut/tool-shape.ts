import type { Tip } from '@/core/thread/tool/tip';

/**
 * The cutting end of a tool as it stands in the work, in the frame of the cut: right or wrong. Angles count from the
 * perpendicular to the axis; lengths are in one unit.
 */
export interface ToolShape {
  tip: Tip;
  /** Angle of the flank on the side of smaller x, and on that of larger x: 30 and 30 for a true 60 degree tool. */
  lowDeg: number;
  highDeg: number;
  /** Height over the tip at which a full-profile insert cuts the crest too; null: it has none. */
  crestHeight: number | null;
}

/** What is wrong with a tool, or special. */
export interface ToolErrors {
  /** Included angle less the form's: a tool ground to 55 for 60 has -5. */
  includedDeg?: number;
  /** Turned about its tip so that the flank on the side of smaller x opens; the included angle stays. */
  tiltDeg?: number;
  crestHeight?: number | null;
}

/** A tool of a form with its tip. @example toolShape(tip, 30, { tiltDeg: 2 }) // flanks of 32 and 28 degrees */
export function toolShape(
  tip: Tip,
  flankAngleDeg: number,
  { includedDeg = 0, tiltDeg = 0, crestHeight = null }: ToolErrors = {},
): ToolShape {
  const half = flankAngleDeg + includedDeg / 2;
  return { tip, lowDeg: half + tiltDeg, highDeg: half - tiltDeg, crestHeight };
}
