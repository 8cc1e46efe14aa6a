import { cutPiece, depthAt, type Piece } from '@/core/thread/geometry/piece';
import { partOf, type Profile } from '@/core/thread/geometry/profile';
import { degrees, radians } from '@/core/base/units/angle';

/** One flank of a groove as it was cut. */
export interface FlankFit {
  /** Least-squares angle from the perpendicular to the axis, degrees; every length of flank counts alike. */
  angleDeg: number;
  /** Largest distance, square to it, from the ideal flank through the deepest position of the tool. */
  formError: number;
}

/** The ideal flank: through a corner of the tool at its deepest, rising away from the groove at the form's angle. */
export interface IdealFlank {
  x: number;
  y: number;
  /** On which side of the groove it lies. */
  way: 1 | -1;
  flankAngleDeg: number;
}

/**
 * Fits a straight line to a flank (orthogonal least squares over its length) and holds it against the ideal one. Null
 * where nothing of it was cut.
 * @param from where the tip ends and the flank begins
 * @param to where it comes out of the work
 */
export function fitFlank(profile: Profile, from: number, to: number, ideal: IdealFlank): FlankFit | null {
  const flank = partOf(profile, Math.min(from, to), Math.max(from, to)).flatMap(asChords);
  let [length, sx, sy] = [0, 0, 0];
  for (const { x0, x1, y0, y1 } of flank) {
    const part = Math.hypot(x1 - x0, y1 - y0);
    length += part;
    sx += (part * (x0 + x1)) / 2;
    sy += (part * (y0 + y1)) / 2;
  }
  if (length <= 1e-12) return null;
  const [mx, my] = [sx / length, sy / length];
  let [xx, xy, yy] = [0, 0, 0];
  for (const { x0, x1, y0, y1 } of flank) {
    const part = Math.hypot(x1 - x0, y1 - y0) / 3;
    const [a, b, c, d] = [x0 - mx, x1 - mx, y0 - my, y1 - my];
    xx += part * (a * a + a * b + b * b);
    yy += part * (c * c + c * d + d * d);
    xy += part * (a * c + (a * d + b * c) / 2 + b * d);
  }
  // The direction of the largest spread, turned so that it rises out of the groove.
  const along = Math.atan2(2 * xy, xx - yy) / 2;
  const lean = Math.atan2(Math.abs(Math.cos(along)), Math.abs(Math.sin(along)));
  const outward = -Math.sign(Math.cos(along) * Math.sin(along)) * ideal.way;
  return { angleDeg: degrees(outward < 0 ? -lean : lean), formError: formError(flank, ideal) };
}

type Chord = Extract<Piece, { kind: 'line' }>;

function formError(flank: readonly Chord[], { x, y, way, flankAngleDeg }: IdealFlank): number {
  const angle = radians(flankAngleDeg);
  const off = (px: number, py: number) =>
    Math.abs(way * (px - x) * Math.cos(angle) + (py - y) * Math.sin(angle));
  return flank.reduce((most, { x0, x1, y0, y1 }) => Math.max(most, off(x0, y0), off(x1, y1)), 0);
}

/** Arcs of a flank (the steps that a radius leaves) as chords: 64 of them depart by less than a ten-thousandth of the radius. */
function asChords(piece: Piece): Chord[] {
  if (piece.kind === 'line') return [piece];
  const step = (piece.x1 - piece.x0) / 64;
  return Array.from({ length: 64 }, (_, k) => {
    const [x0, x1] = [piece.x0 + k * step, k === 63 ? piece.x1 : piece.x0 + (k + 1) * step];
    const part = cutPiece(piece, x0, x1);
    return { kind: 'line', x0, x1, y0: depthAt(part, x0), y1: depthAt(part, x1) };
  });
}
