import { crossings, cutPiece, depthAt, type Piece } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';

/** Where a wire comes to rest in a groove, in the section through the axis. */
export interface WireRest {
  /** Place and depth of its centre; the depth is negative where the centre stands proud of the surface. */
  x: number;
  depth: number;
}

/**
 * A round wire, pressed into the groove around a place, in the real section: exact. Its centre may go no deeper than any
 * point of the profile lets it; over the axis that limit is made of arcs around the corners of the profile and of lines
 * parallel to its flanks, and the wire rests where the limit is deepest.
 * @param radius of the wire, greater than that of any hollow arc of the groove (a tool's radius is far under it)
 * @param from limits of the place of the wire's centre
 */
export function wireRest(profile: Profile, radius: number, from: number, to: number): WireRest | null {
  let limit: Piece[] = [{ kind: 'line', x0: from, x1: to, y0: -1e9, y1: -1e9 }];
  const lay = (piece: Piece) => {
    const [x0, x1] = [Math.max(from, piece.x0), Math.min(to, piece.x1)];
    if (x1 - x0 > 1e-12) limit = higher(limit, cutPiece(piece, x0, x1));
  };
  for (const piece of profile) {
    if (piece.x1 < from - radius || piece.x0 > to + radius) continue;
    for (const x of [piece.x0, piece.x1])
      lay({ kind: 'arc', x0: x - radius, x1: x + radius, cx: x, cy: -depthAt(piece, x), r: radius });
    if (piece.kind === 'line') lay(besideLine(piece, radius));
  }
  let rest: WireRest | null = null;
  for (const piece of limit)
    for (const x of [piece.x0, piece.x1]) {
      const depth = -depthAt(piece, x);
      if (depth < 1e8 && (rest === null || depth > rest.depth)) rest = { x, depth };
    }
  return rest;
}

/** The line on which the centre runs while the wire touches a straight piece, with depths turned in sign. */
function besideLine(line: Extract<Piece, { kind: 'line' }>, radius: number): Piece {
  const { x0, x1, y0, y1 } = line;
  const length = Math.hypot(x1 - x0, y1 - y0);
  const [dx, dy] = [(radius * (y1 - y0)) / length, (radius * (x1 - x0)) / length];
  return { kind: 'line', x0: x0 + dx, x1: x1 + dx, y0: dy - y0, y1: dy - y1 };
}

/** The higher of a limit and one more piece. */
function higher(limit: readonly Piece[], piece: Piece): Piece[] {
  const result: Piece[] = [];
  const keep = (each: Piece, x0: number, x1: number) => {
    if (x1 - x0 > 1e-13) result.push(cutPiece(each, x0, x1));
  };
  for (const each of limit) {
    const [x0, x1] = [Math.max(each.x0, piece.x0), Math.min(each.x1, piece.x1)];
    if (x1 <= x0) {
      result.push(each);
      continue;
    }
    keep(each, each.x0, x0);
    const places = [x0, ...crossings(each, piece, x0, x1), x1];
    for (let k = 1; k < places.length; k += 1) {
      const [a, b] = [places[k - 1] ?? x0, places[k] ?? x1];
      const middle = (a + b) / 2;
      keep(depthAt(piece, middle) > depthAt(each, middle) ? piece : each, a, b);
    }
    keep(each, x1, each.x1);
  }
  return result;
}
