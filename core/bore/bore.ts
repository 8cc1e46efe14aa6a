import { FORM_60 } from '../thread';

/**
 * What "percent of thread" is a percentage of. Trade tables differ:
 * `basic`: of the basic height 0.5413 P (100 % is the basic minor diameter, D - 1.0825 P);
 * `full`: of the height of a sharp-rooted thread with a P/8 crest, 0.6495 P (100 % is D - 1.299 P).
 */
export type PercentBasis = 'basic' | 'full';

const DOUBLE_HEIGHT: Record<PercentBasis, number> = { basic: FORM_60.majorToMinor, full: 1.29903811 };

/** Bore that leaves a percentage of thread: D - (double height) P percent / 100. One unit. */
export function boreForPercent(
  nominalDiameter: number,
  pitch: number,
  percent: number,
  basis: PercentBasis,
): number {
  return nominalDiameter - (DOUBLE_HEIGHT[basis] * pitch * percent) / 100;
}

/** The percentage of thread that a bore leaves; the inverse of `boreForPercent`. */
export function percentForBore(
  nominalDiameter: number,
  pitch: number,
  bore: number,
  basis: PercentBasis,
): number {
  return (100 * (nominalDiameter - bore)) / (DOUBLE_HEIGHT[basis] * pitch);
}
