import { depthAt } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';

/**
 * How a mate goes over a profile: the least that it must be larger for both to pass, radially; negative where it has play.
 * The mate is rigid and of the true pitch, so that a wrong pitch fouls it over its length; it may shift along the axis.
 * Both are profiles of depth below the same surface: the part may nowhere stand higher than the mate.
 */
export function foulBy(part: Profile, mate: Profile, pitch: number): number {
  const places = part.flatMap((piece) =>
    piece.kind === 'arc'
      ? [0, 0.25, 0.5, 0.75, 1].map((share) => placeOf(piece, piece.x0 + share * (piece.x1 - piece.x0)))
      : [placeOf(piece, piece.x0), placeOf(piece, piece.x1)],
  );
  const corners = mate.flatMap(({ x0, x1 }) => [x0, x1]);
  const foul = (shift: number) => {
    let most = -Infinity;
    for (const { x, depth } of places) most = Math.max(most, mateDepth(mate, pitch, x - shift) - depth);
    // Where the mate has a corner between two places of the part.
    for (const corner of corners)
      for (const piece of part) {
        const first = Math.ceil((piece.x0 - shift - corner) / pitch);
        for (let turn = first; corner + turn * pitch + shift <= piece.x1; turn += 1) {
          const x = corner + turn * pitch + shift;
          most = Math.max(most, mateDepth(mate, pitch, corner) - depthAt(piece, x));
        }
      }
    return most;
  };
  return leastOf(foul, -pitch / 2, pitch / 2);
}

const placeOf = (piece: Profile[number], x: number) => ({ x, depth: depthAt(piece, x) });

/** Depth of a mate of one pitch, repeated; where it has no piece it fouls nothing. */
function mateDepth(mate: Profile, pitch: number, x: number): number {
  const from = mate[0]?.x0 ?? 0;
  const at = x - Math.floor((x - from) / pitch) * pitch;
  const piece = mate.find(({ x0, x1 }) => at >= x0 - 1e-12 && at <= x1 + 1e-12);
  return piece === undefined ? -Infinity : depthAt(piece, at);
}

const SCAN = 24;

/** The least of a function that falls and rises between: scanned, then narrowed by thirds to a millionth of the stretch. */
function leastOf(value: (at: number) => number, from: number, to: number): number {
  const step = (to - from) / SCAN;
  let best = { at: from, value: Infinity };
  for (let k = 0; k <= SCAN; k += 1) {
    const found = value(from + k * step);
    if (found < best.value) best = { at: from + k * step, value: found };
  }
  let [low, high] = [best.at - step, best.at + step];
  for (let round = 0; round < 30; round += 1) {
    const [a, b] = [low + (high - low) / 3, high - (high - low) / 3];
    if (value(a) < value(b)) high = b;
    else low = a;
  }
  return Math.min(best.value, value((low + high) / 2));
}
