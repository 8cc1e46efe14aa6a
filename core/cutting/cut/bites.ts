import {
  areaUnder,
  crossings,
  depthAt,
  lengthOver,
  movePiece,
  type Piece,
} from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';
import { layerAfter, type CutThread } from './cut-thread';
import { edgeOf, type EdgePart, type EdgePiece } from './edge-pieces';
import { groundOver } from './ground-over';

/** What one part of the edge took in a cut: its share of the chip, and the length of edge that met it. */
export interface Bite {
  area: number;
  edge: number;
  /** Mean, square to the edge: area over edge; 0 where nothing was met. */
  thickness: number;
}

export interface Bites {
  /** By the flank on the side that the compound feeds toward. */
  fed: Bite;
  tip: Bite;
  other: Bite;
  /** By the crest cutter of a full-profile insert. */
  crest: Bite;
}

/**
 * How a cut's chip is shared among the parts of the edge: a place of the chip belongs to the part that reaches it as the tool
 * comes in along its feed, so that a flank along which the tool is fed takes nothing. The feed runs from the cut before in
 * the same start, or from touch-off. Exact; the four areas sum to what the cut removed in one groove.
 * @param cut from 0
 */
export function bitesOf(thread: CutThread, cut: number): Bites {
  const { cutCase, poses, lead } = thread;
  const pose = poses[cut];
  const bites = { low: noBite(), tip: noBite(), high: noBite(), crest: noBite() };
  if (pose !== undefined && pose.y > 0) {
    const edge = withoutNeighbours(edgeOf(cutCase.shape, cutCase.pitch)(pose.y, pose.x, pose.y), lead);
    const [from, to] = [edge[0]?.piece.x0 ?? 0, edge.at(-1)?.piece.x1 ?? 0];
    const ground = groundOver(layerAfter(thread, cut), lead, { from, to });
    for (const { part, piece } of edge) {
      bites[part].area += between(ground, [piece], null).area;
      bites[part].edge += between(ground, [piece], null).edge;
    }
    const before = poses.slice(0, cut).findLast(({ start }) => start === pose.start);
    const [dx, dy] = [pose.x - (before?.x ?? pose.start * cutCase.pitch), pose.y - (before?.y ?? 0)];
    if (dy > 0 && Math.abs(dx) > 1e-12) alongFeed(bites, ground, edge, dx, dy);
  }
  for (const bite of Object.values(bites)) bite.thickness = bite.edge > 0 ? bite.area / bite.edge : 0;
  const [fed, other] = cutCase.fed === 1 ? [bites.high, bites.low] : [bites.low, bites.high];
  return { fed, tip: bites.tip, other, crest: bites.crest };
}

const noBite = (): Bite => ({ area: 0, edge: 0, thickness: 0 });

/** The edge as far as it is deeper than the same edge one lead on and one lead back. */
function withoutNeighbours(edge: readonly EdgePiece[], lead: number): EdgePiece[] {
  const [first, last] = [edge[0]?.piece, edge.at(-1)?.piece];
  if (first === undefined || last === undefined || last.x1 - first.x0 <= lead) return [...edge];
  const meets = edge
    .flatMap(({ piece }) =>
      edge.flatMap(({ piece: other }) => {
        const next = movePiece(other, lead, 0);
        return crossings(piece, next, Math.max(piece.x0, next.x0), Math.min(piece.x1, next.x1));
      }),
    )
    .at(0);
  const to = meets ?? (first.x0 + lead + last.x1) / 2;
  return edge.flatMap(({ part, piece }): EdgePiece[] => {
    const [x0, x1] = [Math.max(piece.x0, to - lead), Math.min(piece.x1, to)];
    return x1 - x0 > 1e-12 ? [{ part, piece: clipped(piece, x0, x1) }] : [];
  });
}

const clipped = (piece: Piece, x0: number, x1: number): Piece =>
  piece.kind === 'line'
    ? { kind: 'line', x0, x1, y0: depthAt(piece, x0), y1: depthAt(piece, x1) }
    : { ...piece, x0, x1 };

/**
 * From upright strips to strips along the feed: what lies behind the line that a corner of the tool drew passes from the
 * part behind that corner to the one before it.
 */
function alongFeed(
  bites: Record<EdgePart, Bite>,
  ground: Profile,
  edge: readonly EdgePiece[],
  dx: number,
  dy: number,
): void {
  const pieces = (...parts: EdgePart[]) =>
    edge.filter(({ part }) => parts.includes(part)).map(({ piece }) => piece);
  const [behind, ahead]: EdgePart[] = dx > 0 ? ['low', 'high'] : ['high', 'low'];
  if (behind === undefined || ahead === undefined) return;
  const corner = (part: EdgePart): { x: number; y: number } | null => {
    const piece = pieces(part)[0];
    if (piece === undefined) return null;
    const x = part === 'low' ? piece.x1 : piece.x0;
    return { x, y: depthAt(piece, x) };
  };
  const passedOn = (at: { x: number; y: number } | null, parts: EdgePart[]) => {
    if (at === null) return 0;
    const slope = dy / dx;
    return between(ground, pieces(...parts), { x: at.x, y: at.y, slope }).area;
  };
  const toTip = passedOn(corner(behind), [behind]);
  const toAhead = passedOn(corner(ahead), [behind, 'tip']);
  bites[behind].area = Math.max(0, bites[behind].area - toTip);
  bites.tip.area = Math.max(0, bites.tip.area + toTip - toAhead);
  bites[ahead].area += toAhead;
}

/** A straight line through a place. */
interface Ray {
  x: number;
  y: number;
  slope: number;
}

/** Area between the ground and an edge, as far as it lies on the shallow side of a ray; and the edge along which there is any. */
function between(ground: Profile, edge: readonly Piece[], ray: Ray | null): { area: number; edge: number } {
  let [area, met] = [0, 0];
  for (const piece of edge) {
    const line: Piece | null =
      ray === null
        ? null
        : {
            kind: 'line',
            x0: piece.x0,
            x1: piece.x1,
            y0: ray.y + ray.slope * (piece.x0 - ray.x),
            y1: ray.y + ray.slope * (piece.x1 - ray.x),
          };
    for (const under of ground) {
      const [from, to] = [Math.max(under.x0, piece.x0), Math.min(under.x1, piece.x1)];
      if (to - from <= 1e-12) continue;
      const others =
        line === null ? [] : [...crossings(under, line, from, to), ...crossings(piece, line, from, to)];
      const places = [from, ...[...crossings(under, piece, from, to), ...others].sort((a, b) => a - b), to];
      for (let k = 1; k < places.length; k += 1) {
        const [a, b] = [places[k - 1] ?? from, places[k] ?? to];
        const middle = (a + b) / 2;
        const upper = line !== null && depthAt(line, middle) < depthAt(piece, middle) ? line : piece;
        if (depthAt(upper, middle) <= depthAt(under, middle)) continue;
        area += Math.max(0, areaUnder(upper, a, b) - areaUnder(under, a, b));
        met += lengthOver(piece, a, b);
      }
    }
  }
  return { area, edge: met };
}
