import { crossings, cutPiece, depthAt, movePiece, pieceArea, type Piece } from './piece';

/** A profile: pieces side by side, in the order of x, without gaps. */
export type Profile = readonly Piece[];

/** Shorter than this no piece is kept: far under any length that can be set, far over the noise of the arithmetic. */
const SLIVER = 1e-12;

/** The flat surface of the work from one place to another. */
export function surface(x0: number, x1: number): Profile {
  return [{ kind: 'line', x0, x1, y0: 0, y1: 0 }];
}

export function moveProfile(profile: Profile, dx: number, dy: number): Profile {
  return profile.map((piece) => movePiece(piece, dx, dy));
}

/** Area between a profile and y = 0, exact. */
export function areaOf(profile: Profile): number {
  return profile.reduce((sum, piece) => sum + pieceArea(piece), 0);
}

/** Depth of a profile at a place inside of it; the deeper one where two pieces meet. */
export function profileDepth(profile: Profile, x: number): number {
  let deepest = -Infinity;
  for (const piece of profile)
    if (x >= piece.x0 - SLIVER && x <= piece.x1 + SLIVER) deepest = Math.max(deepest, depthAt(piece, x));
  return deepest;
}

/**
 * The deeper of two profiles at every place of the first, exact: what stands after the second has cut. The second may
 * be shorter or reach over the ends; where it is not, the first stays.
 */
export function envelope(ground: Profile, cut: Profile): Profile {
  const from = cut[0]?.x0 ?? Infinity;
  const to = cut.at(-1)?.x1 ?? -Infinity;
  const first = ground.findIndex(({ x0, x1 }) => x1 > from && x0 < to);
  if (first < 0) return ground;
  const last = ground.findLastIndex(({ x0 }) => x0 < to);
  const result: Piece[] = ground.slice(0, first);
  let next = 0;
  for (const piece of ground.slice(first, last + 1)) {
    if (piece.x0 < from) add(result, cutPiece(piece, piece.x0, from));
    let at = Math.max(piece.x0, from);
    const end = Math.min(piece.x1, to);
    while ((cut[next]?.x1 ?? Infinity) <= at) next += 1;
    for (let index = next; at < end; index += 1) {
      const other = cut[index];
      if (other === undefined) break;
      const until = Math.min(end, other.x1);
      const places = crossings(piece, other, at, until);
      let low = at;
      for (let part = 0; part <= places.length; part += 1) {
        const high = places[part] ?? until;
        const middle = (low + high) / 2;
        const deeper = depthAt(other, middle) > depthAt(piece, middle) ? other : piece;
        if (high - low > SLIVER) add(result, cutPiece(deeper, low, high));
        low = high;
      }
      at = until;
    }
    if (piece.x1 > to) add(result, cutPiece(piece, Math.max(to, piece.x0), piece.x1));
  }
  for (const piece of ground.slice(last + 1)) add(result, piece);
  return result;
}

/** The part of a profile between two places. */
export function partOf(profile: Profile, from: number, to: number): Profile {
  return profile
    .filter(({ x0, x1 }) => Math.min(x1, to) - Math.max(x0, from) > SLIVER)
    .map((piece) => cutPiece(piece, Math.max(piece.x0, from), Math.min(piece.x1, to)));
}

/** Adds a piece; what continues the one before on the same line or circle makes one with it. */
function add(profile: Piece[], piece: Piece): void {
  const last = profile.at(-1);
  if (last === undefined || !continues(last, piece)) return void profile.push(piece);
  profile[profile.length - 1] =
    last.kind === 'line' && piece.kind === 'line'
      ? { ...last, x1: piece.x1, y1: piece.y1 }
      : { ...last, x1: piece.x1 };
}

function continues(last: Piece, piece: Piece): boolean {
  if (last.kind === 'arc' && piece.kind === 'arc')
    return last.cx === piece.cx && last.cy === piece.cy && last.r === piece.r;
  if (last.kind !== 'line' || piece.kind !== 'line') return false;
  const scale = Math.abs(piece.x1 - last.x0);
  return (
    Math.abs(last.y1 - piece.y0) <= 1e-13 * (1 + scale) &&
    Math.abs(depthAt(last, piece.x1) - piece.y1) <= 1e-12 * scale
  );
}
