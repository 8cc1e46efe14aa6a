import { radians } from '@/core/base/units/angle';

/** Where the swivel scale reads 0: with the compound along the cross slide, or along the bed. */
export type SwivelZero = 'cross-slide' | 'bed';

/**
 * The graduation to set on the swivel scale for an angle counted from the cross-slide axis.
 * A scale that reads 0 along the bed shows the complement: 29.5 from the cross slide reads 60.5 (common practice).
 */
export function swivelGraduationDeg(compoundAngleDeg: number, zero: SwivelZero): number {
  return zero === 'cross-slide' ? compoundAngleDeg : 90 - compoundAngleDeg;
}

/** Feed of the compound that takes the tool a radial depth in: c = h / cos(angle from the cross-slide axis). */
export function compoundFeedFor(radialDepth: number, compoundAngleDeg: number): number {
  return radialDepth / Math.cos(radians(compoundAngleDeg));
}

/** How deep a compound feed takes the tool: c cos(angle). */
export function radialDepthOf(compoundFeed: number, compoundAngleDeg: number): number {
  return compoundFeed * Math.cos(radians(compoundAngleDeg));
}

/**
 * What one infeed takes off the trailing flank, square to it: c sin(flank angle - compound angle).
 * Positive: the flank is shaved clean. Zero: it rubs. Negative: it is left behind as a step.
 */
export function trailingFlankStep(infeed: number, compoundAngleDeg: number, flankAngleDeg: number): number {
  return infeed * Math.sin(radians(flankAngleDeg - compoundAngleDeg));
}
