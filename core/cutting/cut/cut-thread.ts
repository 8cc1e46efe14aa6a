import { areaUnder, crossings, cutPiece, depthAt, movePiece, type Piece } from '@/core/thread/geometry/piece';
import type { Pose } from '@/core/thread/geometry/pose';
import type { Profile } from '@/core/thread/geometry/profile';
import type { CutCase, Stretch } from './cut-case';
import { edgeOf, type EdgeAt, type EdgePiece } from './edge-pieces';

/** What one cut took away over one lead, in the plane of the edge. What each part of the edge took: see `bitesOf`. */
interface CutPass {
  /** Deepest point of the tool below the surface. */
  depth: number;
  removed: number;
}

/** A groove after a list of cuts: exact pieces over one lead, which repeat. */
export interface CutThread {
  cutCase: CutCase;
  lead: number;
  window: Stretch;
  /** The cuts in their order, as they were asked for, and what each took. */
  poses: readonly Pose[];
  passes: CutPass[];
  /** The ground after each cut, the first one untouched: see `layerAfter`. */
  grounds: (readonly Run[])[];
}

/** The ground after so many cuts over one lead, in the plane of the edge; all of them if none is said. */
export function layerAfter({ grounds }: CutThread, after = grounds.length - 1): Profile {
  return (grounds[after] ?? []).map(({ piece, from, to }) => cutPiece(piece, from, to));
}

/** Where the tool stood deepest in its first so many cuts; at depth 0 where it cut nothing. */
export function deepestPose(poses: readonly Pose[], after = poses.length): Pose {
  let deepest: Pose = { x: 0, y: 0, start: 0 };
  for (let index = 0; index < after; index += 1) {
    const pose = poses[index];
    if (pose !== undefined && pose.y > deepest.y) deepest = pose;
  }
  return deepest;
}

/**
 * Moves a tool through its poses, repeated every lead: the exact envelope, as lines and arcs, and what every cut took
 * from it. Poses may come in any order, cut air, or lie anywhere along the axis; a start moves them by one pitch.
 * Areas sum to the groove's to the rounding of the arithmetic.
 */
export function cutThread(cutCase: CutCase, poses: readonly Pose[]): CutThread {
  const blank = uncut(cutCase, deepestPose(poses).x);
  const passes: CutPass[] = [];
  const grounds = [...blank.grounds];
  const edgeAt = edgeOf(cutCase.shape, cutCase.pitch);
  let ground = grounds[0] ?? [];
  for (const pose of poses) {
    const pass = { depth: Math.max(0, pose.y), removed: 0 };
    ground = cutOnce(ground, blank, pose, edgeAt, pass);
    passes.push(pass);
    grounds.push(ground);
  }
  return { ...blank, poses, passes, grounds };
}

/** The blank before the first cut. @param around where along the axis the lead that is kept is centred */
export function uncut(cutCase: CutCase, around = 0): CutThread {
  const lead = cutCase.pitch * cutCase.starts;
  const window = { from: around - lead / 2, to: around + lead / 2 };
  const surface: Piece = { kind: 'line', x0: window.from, x1: window.to, y0: 0, y1: 0 };
  return { cutCase, lead, window, poses: [], passes: [], grounds: [[{ piece: surface, ...window }]] };
}

/** The same thread after one more cut. */
export function cutOn(thread: CutThread, pose: Pose): CutThread {
  const { shape, pitch } = thread.cutCase;
  const pass = { depth: Math.max(0, pose.y), removed: 0 };
  const ground = cutOnce(thread.grounds.at(-1) ?? [], thread, pose, edgeOf(shape, pitch), pass);
  return {
    ...thread,
    poses: [...thread.poses, pose],
    passes: [...thread.passes, pass],
    grounds: [...thread.grounds, ground],
  };
}

/** The ground after a cut; what it removed is added to the pass. */
function cutOnce(
  before: readonly Run[],
  { lead, window }: Pick<CutThread, 'lead' | 'window'>,
  { x, y }: Pose,
  edgeAt: EdgeAt,
  pass: CutPass,
): readonly Run[] {
  if (y <= 0) return before;
  const edge = edgeAt(y, x, y);
  const [low, high] = [edge[0]?.piece.x0 ?? x, edge[edge.length - 1]?.piece.x1 ?? x];
  let ground = before;
  for (let turn = Math.ceil((window.from - high) / lead); low + turn * lead < window.to; turn += 1)
    ground = cutInto(ground, edge, turn * lead, pass);
  return ground;
}

/** A stretch of a piece: pieces are shared between layers, and cut to length only when they are handed out. */
interface Run {
  piece: Piece;
  from: number;
  to: number;
}

/** Shorter than this no run is kept: far under any length that can be set, far over the noise of the arithmetic. */
const SLIVER = 1e-12;

/** One sweep along the ground: where the edge is deeper it becomes the ground, and what lay between is counted. */
function cutInto(ground: readonly Run[], edge: readonly EdgePiece[], by: number, pass: CutPass): Run[] {
  const result: Run[] = [];
  let next = 0;
  let other = at(edge, next, by);
  for (const { piece, from, to } of ground) {
    let here = from;
    while (here < to) {
      while (other !== null && other.x1 <= here) other = at(edge, (next += 1), by);
      if (other === null || other.x0 >= to) {
        keep(result, piece, here, to);
        break;
      }
      if (other.x0 > here) {
        keep(result, piece, here, other.x0);
        here = other.x0;
      }
      const until = other.x1 < to ? other.x1 : to;
      if (piece.kind === 'line' && other.kind === 'line') {
        // Two lines, by far the commonest: the gaps at both ends tell all.
        const low = depthAt(other, here) - depthAt(piece, here);
        const high = depthAt(other, until) - depthAt(piece, until);
        const crosses = low > 0 !== high > 0 && low !== 0 && high !== 0;
        const middle = crosses ? here + ((until - here) * low) / (low - high) : until;
        const first = crosses ? low > 0 : low + high > 0;
        if (first) pass.removed += ((low + (crosses ? 0 : high)) / 2) * (middle - here);
        keep(result, first ? other : piece, here, middle);
        if (crosses) {
          if (!first) pass.removed += (high / 2) * (until - middle);
          keep(result, first ? piece : other, middle, until);
        }
      } else {
        const places = crossings(piece, other, here, until);
        for (let k = 0; k <= places.length; k += 1) {
          const end = places[k] ?? until;
          if (end - here <= SLIVER) continue;
          const middle = (here + end) / 2;
          const deeper = depthAt(other, middle) > depthAt(piece, middle);
          if (deeper) pass.removed += Math.max(0, areaUnder(other, here, end) - areaUnder(piece, here, end));
          keep(result, deeper ? other : piece, here, end);
          here = end;
        }
      }
      here = until;
    }
  }
  return result;
}

function at(edge: readonly EdgePiece[], index: number, by: number): Piece | null {
  const found = edge[index]?.piece;
  if (found === undefined) return null;
  return by === 0 ? found : movePiece(found, by, 0);
}

function keep(runs: Run[], piece: Piece, from: number, to: number): void {
  if (to - from <= SLIVER) return;
  const last = runs[runs.length - 1];
  if (last !== undefined && last.piece === piece) last.to = to;
  else runs.push({ piece, from, to });
}
