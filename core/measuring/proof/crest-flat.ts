import { diameterPerDepth } from '@/core/thread/geometry/frame';
import type { Side } from '@/core/thread/standards/thread';
import { radians } from '@/core/base/units/angle';

/**
 * Pitch diameter that a crest flat of width F says, whatever the tip: the groove is P - F wide at the surface, so that
 * d2 = Dm - (P/2 - F) / tan a; in a bore the same outward. For 60 degrees d2 = Dm - 1.732 (P/2 - F).
 * @example pitchDiameterByCrestFlat('external', 0.75, 0.0625, 0.0625 / 8, 30) // 0.7094, the basic one
 */
export function pitchDiameterByCrestFlat(
  side: Side,
  crestDiameter: number,
  pitch: number,
  crestFlat: number,
  flankAngleDeg: number,
): number {
  const depth = (pitch / 2 - crestFlat) / 2 / Math.tan(radians(flankAngleDeg));
  return crestDiameter + diameterPerDepth(side) * depth;
}

/** The other way round: the flat that is left on the crest where the flanks have that pitch diameter; never below 0. */
export function crestFlatAt(
  side: Side,
  crestDiameter: number,
  pitch: number,
  pitchDiameter: number,
  flankAngleDeg: number,
): number {
  const depth = (pitchDiameter - crestDiameter) / diameterPerDepth(side);
  return Math.max(0, pitch / 2 - 2 * depth * Math.tan(radians(flankAngleDeg)));
}
