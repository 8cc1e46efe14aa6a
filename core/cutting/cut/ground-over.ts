import { cutPiece, movePiece, type Piece } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';
import type { Stretch } from './cut-case';

/** A profile of one lead laid end to end over any stretch along the axis. */
export function groundOver(profile: Profile, lead: number, { from, to }: Stretch): Profile {
  const begin = profile[0]?.x0 ?? 0;
  const pieces: Piece[] = [];
  for (let turn = Math.floor((from - begin) / lead); begin + turn * lead < to; turn += 1)
    for (const piece of profile) {
      const by = turn * lead;
      const [x0, x1] = [Math.max(from, piece.x0 + by), Math.min(to, piece.x1 + by)];
      if (x1 - x0 > 1e-12) pieces.push(cutPiece(by === 0 ? piece : movePiece(piece, by, 0), x0, x1));
    }
  return pieces;
}
