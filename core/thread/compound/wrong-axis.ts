import { radians } from '@/core/base/units/angle';

/** What comes of an angle that was set as if the scale counted from the other axis. */
export interface WrongAxis {
  /** Where the compound then stands, from the cross-slide axis. */
  standsDeg: number;
  /** Half angles of the two flanks that come out: the fed one keeps the tool's, the other follows the compound. */
  flanksDeg: readonly [number, number];
  /** Share of the planned depth that the same feed reaches. */
  depthShare: number;
}

/**
 * The mistake that ruins most first threads: the angle meant from the cross slide is set on a scale that counts from
 * the bed. 30 then stands at 60: the leading flank keeps its 30 degrees, the trailing one comes out as a staircase of
 * about 60, together 90, and the same feed goes c cos 60 deep (common practice).
 */
export function wrongAxis(angleDeg: number, flankAngleDeg: number): WrongAxis {
  const standsDeg = 90 - angleDeg;
  return {
    standsDeg,
    flanksDeg: [flankAngleDeg, Math.max(flankAngleDeg, standsDeg)],
    depthShare: Math.cos(radians(standsDeg)) / Math.cos(radians(angleDeg)),
  };
}
