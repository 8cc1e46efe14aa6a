import type { Hand, Side } from './thread';

/** Hand and member as words at the end of a designation: `LH`, `internal`, `nut`. */
export interface Member {
  rest: string;
  hand: Hand;
  /** Null when nothing names it. */
  side: Side | null;
}

const HAND = /(^|[ -]+)(lh|rh)$/i;
const SIDE = /(^|[ -]+)\(?(external|bolt|screw|internal|nut)\)?$/i;

/** Takes hand and member off the end of the text, in either order. */
export function takeMember(text: string): Member {
  let rest = text.trim();
  let hand: Hand = 'right';
  let side: Side | null = null;
  for (let round = 0; round < 2; round += 1) {
    const handWord = HAND.exec(rest);
    if (handWord !== null) {
      hand = handWord[2]?.toLowerCase() === 'lh' ? 'left' : 'right';
      rest = rest.slice(0, handWord.index).trim();
    }
    const sideWord = SIDE.exec(rest);
    if (sideWord !== null) {
      side = /internal|nut/i.test(sideWord[2] ?? '') ? 'internal' : 'external';
      rest = rest.slice(0, sideWord.index).trim();
    }
  }
  return { rest, hand, side };
}
