import { depthAt, type Piece } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';

/** The place at which a wall of the groove, walked outward from a place, first rises to a level; null where it never does. */
export function wallAt(profile: Profile, from: number, way: 1 | -1, level: number): number | null {
  const first = profile.findIndex(({ x0, x1 }) => from >= x0 && from <= x1);
  if (first < 0) return null;
  for (let index = first; index >= 0 && index < profile.length; index += way) {
    const piece = profile[index];
    if (piece === undefined) break;
    const [near, far] =
      way === 1 ? [Math.max(piece.x0, from), piece.x1] : [Math.min(piece.x1, from), piece.x0];
    if (depthAt(piece, near) <= level) return near;
    if (depthAt(piece, far) > level) continue;
    return reaches(piece, near, far, level);
  }
  return null;
}

/** Where a piece that lies deeper at `near` than a level rises to it. */
function reaches(piece: Piece, near: number, far: number, level: number): number {
  if (piece.kind === 'line') {
    const slope = (piece.y1 - piece.y0) / (piece.x1 - piece.x0);
    return slope === 0 ? near : piece.x0 + (level - piece.y0) / slope;
  }
  const half = Math.sqrt(Math.max(0, piece.r ** 2 - (level - piece.cy) ** 2));
  return piece.cx + (far > near ? half : -half);
}

/** Width of the groove around a place at a level; null where one of its walls does not rise so far. */
export function widthAt(profile: Profile, from: number, level: number): number | null {
  const [low, high] = [wallAt(profile, from, -1, level), wallAt(profile, from, 1, level)];
  return low === null || high === null ? null : high - low;
}

/**
 * The level at which the groove around a place is so wide, counted as depth from the surface; null where it is nowhere so
 * wide or everywhere wider. The width is a straight line between two ends of pieces, so that a few steps of false
 * position (Illinois) end at the rounding of the arithmetic.
 */
export function levelOfWidth(profile: Profile, from: number, width: number): number | null {
  const bottom = profile.reduce(
    (most, piece) => (from < piece.x0 || from > piece.x1 ? most : Math.max(most, depthAt(piece, from))),
    0,
  );
  const top = widthAt(profile, from, 0) === null ? crestLevel(profile, from) : 0;
  // A flat bottom that is wider than asked jumps over the width: then no level has it.
  const clear = (level: number) => (bottom - level <= 1e-9 * bottom ? null : level);
  const missAt = (level: number) => (widthAt(profile, from, level) ?? Infinity) - width;
  let [deep, shallow] = [bottom, top];
  let [under, over] = [missAt(deep), missAt(shallow)];
  if (under > 0 || over < 0 || !Number.isFinite(over)) return null;
  for (let round = 0, last = 0; round < 100 && under !== 0 && over !== 0; round += 1) {
    const level = deep + ((shallow - deep) * under) / (under - over);
    const miss = missAt(level);
    if (Math.abs(miss) <= 1e-15 * width || level === deep || level === shallow) return clear(level);
    if (miss < 0) {
      [deep, under] = [level, miss];
      if (last === -1) over /= 2;
      last = -1;
    } else {
      [shallow, over] = [level, miss];
      if (last === 1) under /= 2;
      last = 1;
    }
  }
  return clear(under === 0 ? deep : over === 0 ? shallow : (deep + shallow) / 2);
}

/** The highest level to which both walls rise: the lower of the two crests where neighbouring grooves have met. */
function crestLevel(profile: Profile, from: number): number {
  const least = (side: Profile) => Math.min(...side.flatMap(ends));
  const left = profile.filter(({ x0 }) => x0 < from);
  const right = profile.filter(({ x1 }) => x1 > from);
  return Math.max(least(left), least(right), 0);
}

const ends = (piece: Piece) => [depthAt(piece, piece.x0), depthAt(piece, piece.x1)];
