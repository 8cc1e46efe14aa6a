import { type Piece, depthAt } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';

/** How a drawing places the frame of the cut: pixels for a place along the axis, and for a depth. */
export interface Placing {
  x: (axial: number) => number;
  y: (depth: number) => number;
  /** Pixels for one unit of length, the same in both directions. */
  pixelsPerUnit: number;
}

const fixed = (value: number) => Number(value.toFixed(3));

/** The points and arcs of a profile as an SVG path, exact; `begin` is the command that leads to its first point. */
export function profilePath(profile: Profile, placing: Placing, begin: 'M' | 'L' = 'M'): string {
  const [first] = profile;
  if (first === undefined) return '';
  const from = point(placing, first.x0, depthAt(first, first.x0));
  return `${begin}${from}${profile.map((piece) => step(piece, placing, piece.x1)).join('')}`;
}

/** The same from its end to its beginning. */
export function reversedPath(profile: Profile, placing: Placing): string {
  const last = profile.at(-1);
  if (last === undefined) return '';
  const from = point(placing, last.x1, depthAt(last, last.x1));
  return `L${from}${profile
    .toReversed()
    .map((piece) => step(piece, placing, piece.x0))
    .join('')}`;
}

function step(piece: Piece, placing: Placing, to: number): string {
  const end = point(placing, to, depthAt(piece, to));
  if (piece.kind === 'line') return `L${end}`;
  const radius = fixed(piece.r * placing.pixelsPerUnit);
  // An arc is the deep half of its circle: which way it is walked decides on which side of the chord it lies.
  const rightToLeft = placing.x(to) < placing.x(to === piece.x1 ? piece.x0 : piece.x1);
  const deepIsDown = placing.y(1) > placing.y(0);
  return `A${radius} ${radius} 0 0 ${rightToLeft === deepIsDown ? 1 : 0} ${end}`;
}

function point({ x, y }: Placing, axial: number, depth: number): string {
  return `${fixed(x(axial))} ${fixed(y(depth))}`;
}
