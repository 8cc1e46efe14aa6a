/**
 * A piece of a profile: depth y over x from `x0` to `x1`, x0 < x1. A line runs from y0 to y1; an arc is the deep half of
 * a circle, y = cy + sqrt(r² - (x - cx)²), as a tool's radius leaves it. One unit for all lengths.
 */
export type Piece =
  | { kind: 'line'; x0: number; x1: number; y0: number; y1: number }
  | { kind: 'arc'; x0: number; x1: number; cx: number; cy: number; r: number };

/** Depth of a piece at a place; beyond its ends the line or circle goes on. */
export function depthAt(piece: Piece, x: number): number {
  if (piece.kind === 'line') {
    const { x0, x1, y0, y1 } = piece;
    return x1 === x0 ? y0 : y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
  }
  const { cx, cy, r } = piece;
  return cy + Math.sqrt(Math.max(0, r * r - (x - cx) ** 2));
}

/** The part of a piece between two places inside of it; the piece itself when it is all of it. */
export function cutPiece(piece: Piece, x0: number, x1: number): Piece {
  if (x0 === piece.x0 && x1 === piece.x1) return piece;
  return piece.kind === 'line'
    ? { kind: 'line', x0, x1, y0: depthAt(piece, x0), y1: depthAt(piece, x1) }
    : { ...piece, x0, x1 };
}

/** The piece moved. */
export function movePiece(piece: Piece, dx: number, dy: number): Piece {
  return piece.kind === 'line'
    ? { kind: 'line', x0: piece.x0 + dx, x1: piece.x1 + dx, y0: piece.y0 + dy, y1: piece.y1 + dy }
    : { ...piece, x0: piece.x0 + dx, x1: piece.x1 + dx, cx: piece.cx + dx, cy: piece.cy + dy };
}

/** The same between two places of the piece. */
export function areaUnder(piece: Piece, from: number, to: number): number {
  if (piece.kind === 'line') return ((depthAt(piece, from) + depthAt(piece, to)) / 2) * (to - from);
  const { cx, cy, r } = piece;
  const sector = (x: number) => {
    const u = Math.min(1, Math.max(-1, (x - cx) / r));
    return ((u * Math.sqrt(1 - u * u) + Math.asin(u)) * r * r) / 2;
  };
  return cy * (to - from) + sector(to) - sector(from);
}

/** Length of a piece between two places of it. */
export function lengthOver(piece: Piece, from: number, to: number): number {
  if (piece.kind === 'line') {
    const slope = piece.x1 === piece.x0 ? 0 : (piece.y1 - piece.y0) / (piece.x1 - piece.x0);
    return (to - from) * Math.sqrt(1 + slope * slope);
  }
  const angle = (x: number) => Math.asin(Math.min(1, Math.max(-1, (x - piece.cx) / piece.r)));
  return piece.r * (angle(to) - angle(from));
}

/** Places strictly between two limits where two pieces are equally deep; at most two. Pieces that coincide have none. */
export function crossings(one: Piece, other: Piece, from: number, to: number): readonly number[] {
  if (one.kind === 'line' && other.kind === 'line') {
    const x = lineLine(one, other);
    return x !== null && x > from && x < to ? [x] : NONE;
  }
  const inside = (places: number[]) => places.filter((x) => x > from && x < to).sort((a, b) => a - b);
  if (one.kind === 'line') return inside(lineArc(one, other as Arc));
  if (other.kind === 'line') return inside(lineArc(other, one));
  return inside(arcArc(one, other));
}

type Line = Extract<Piece, { kind: 'line' }>;
type Arc = Extract<Piece, { kind: 'arc' }>;

const NONE: readonly number[] = [];

const slopeOf = ({ x0, x1, y0, y1 }: Line) => (y1 - y0) / (x1 - x0);

function lineLine(one: Line, other: Line): number | null {
  const slope = slopeOf(one) - slopeOf(other);
  return Math.abs(slope) < 1e-14 ? null : one.x0 - (one.y0 - depthAt(other, one.x0)) / slope;
}

/** Solves (x - cx)² + (m (x - x0) + y0 - cy)² = r² on the deep half of the circle. */
function lineArc(line: Line, { cx, cy, r }: Arc): number[] {
  const m = slopeOf(line);
  const at = line.y0 + m * (cx - line.x0) - cy;
  const a = 1 + m * m;
  const discriminant = r * r * a - at * at;
  if (discriminant <= 0) return [];
  const root = Math.sqrt(discriminant);
  return [(-m * at - root) / a, (-m * at + root) / a].filter((u) => at + m * u >= 0).map((u) => cx + u);
}

/** Two circles meet on their radical line. */
function arcArc(one: Arc, other: Arc): number[] {
  const [dx, dy] = [other.cx - one.cx, other.cy - one.cy];
  const square = dx * dx + dy * dy;
  if (square < 1e-24) return [];
  const along = (one.r * one.r - other.r * other.r + square) / (2 * square);
  const height = (one.r * one.r) / square - along * along;
  if (height <= 0) return [];
  const across = Math.sqrt(height);
  return [-1, 1].flatMap((sign) => {
    const [u, v] = [along * dx - sign * across * dy, along * dy + sign * across * dx];
    return v >= 0 && v - dy >= 0 ? [one.cx + u] : [];
  });
}
