import { depthAt, type Piece } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';
import type { Side } from '@/core/thread/standards/thread';

/** How a tool off centre height maps what it cuts in its own plane to the section through the axis. */
export interface CentreCase {
  side: Side;
  workDiameter: number;
  offCentre: number;
}

/**
 * The depth in the section through the axis of what an edge off centre height cuts at a depth of its own plane. The
 * edge lies in a plane beside the axis, so that a point of it at a distance Y from the axis, counted in that plane, turns at
 * the radius √(Y² + e²). Exact; without top rake. Depths count from the surface in both.
 */
export function axialDepth({ side, workDiameter, offCentre }: CentreCase, planeDepth: number): number {
  if (offCentre === 0) return planeDepth;
  const radius = workDiameter / 2;
  const reach = Math.sqrt(Math.max(0, radius ** 2 - offCentre ** 2));
  const inward = side === 'external' ? 1 : -1;
  return inward * (radius - Math.hypot(reach - inward * planeDepth, offCentre));
}

/** A chord of a curved flank departs from it by less than 1e-7 of its length for the offsets that occur. */
const CHORDS = 16;

/** A profile cut off centre, as it stands in the section through the axis: curved pieces become chords. */
export function axialProfile(centre: CentreCase, profile: Profile): Profile {
  if (centre.offCentre === 0) return profile;
  return profile.flatMap((piece) => chords(centre, piece));
}

function chords(centre: CentreCase, piece: Piece): Piece[] {
  const level = piece.kind === 'line' && piece.y0 === piece.y1;
  const count = level ? 1 : piece.kind === 'arc' ? 4 * CHORDS : CHORDS;
  const at = (k: number) => (k === count ? piece.x1 : piece.x0 + ((piece.x1 - piece.x0) * k) / count);
  const depth = (x: number) => axialDepth(centre, depthAt(piece, x));
  return Array.from({ length: count }, (_, k): Piece => {
    const [x0, x1] = [at(k), at(k + 1)];
    return { kind: 'line', x0, x1, y0: depth(x0), y1: depth(x1) };
  });
}
