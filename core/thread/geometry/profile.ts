import { cutPiece, movePiece, type Piece } from './piece';

/** A profile: pieces side by side, in the order of x, without gaps. */
export type Profile = readonly Piece[];

/** Shorter than this no piece is kept: far under any length that can be set, far over the noise of the arithmetic. */
const SLIVER = 1e-12;

export function moveProfile(profile: Profile, dx: number, dy: number): Profile {
  return profile.map((piece) => movePiece(piece, dx, dy));
}

/** The part of a profile between two places. */
export function partOf(profile: Profile, from: number, to: number): Profile {
  return profile
    .filter(({ x0, x1 }) => Math.min(x1, to) - Math.max(x0, from) > SLIVER)
    .map((piece) => cutPiece(piece, Math.max(piece.x0, from), Math.min(piece.x1, to)));
}
