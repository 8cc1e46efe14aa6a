import {
  areaOf,
  envelope,
  frameOf,
  moveProfile,
  poseOf,
  surface,
  type FrameCase,
  type Pose,
  type Profile,
} from '../geometry';
import { formOf, pitchOf, type Thread } from '../thread';
import type { Tip } from '../tool';
import { toolEdge } from './tool-edge';

/** How the tool goes in. One unit for all lengths. */
export interface GrooveCase {
  pitch: number;
  starts: number;
  tip: Tip;
  flankAngleDeg: number;
  compoundAngleDeg: number;
  /** The way along x that the compound feeds, from the frame. */
  fed: 1 | -1;
}

/** A thread cut in a way, with a tip and an angle of the compound. */
export function grooveCaseOf(
  thread: Thread,
  way: Omit<FrameCase, 'side' | 'hand'>,
  tip: Tip,
  compoundAngleDeg: number,
): GrooveCase {
  return {
    pitch: pitchOf(thread),
    starts: thread.starts,
    tip,
    flankAngleDeg: formOf(thread).flankAngleDeg,
    compoundAngleDeg,
    fed: frameOf({ ...way, side: thread.side, hand: thread.hand }).fed,
  };
}

/** One cut: the compound's reading from touch-off, and the start of the thread, from 0. */
export interface Feed {
  reading: number;
  start: number;
}

/** Where the tip's centre line stands after a feed, along the axis and below the surface; each start a pitch further. */
export function tipAt(grooveCase: GrooveCase, { reading, start }: Feed): Pose {
  const { compoundAngleDeg, fed, pitch } = grooveCase;
  return poseOf({ compound: reading, compoundAngleDeg, fed, carriage: start * pitch, start });
}

/** A stretch along the axis. */
export interface Stretch {
  from: number;
  to: number;
}

/** One lead of the thread beginning half a pitch before the first groove: what the areas of chips are counted over. */
export function oneLead({ pitch, starts }: GrooveCase): Stretch {
  return { from: -pitch / 2, to: (starts - 0.5) * pitch };
}

/**
 * The ground after each of a list of cuts, neighbouring turns included, as exact pieces over a stretch; the first is the
 * untouched surface.
 */
export function grounds(grooveCase: GrooveCase, feeds: readonly Feed[], stretch: Stretch): Profile[] {
  const all: Profile[] = [surface(stretch.from, stretch.to)];
  for (const feed of feeds) all.push(cutOnce(grooveCase, all.at(-1) ?? [], feed, stretch));
  return all;
}

function cutOnce(grooveCase: GrooveCase, ground: Profile, feed: Feed, { from, to }: Stretch): Profile {
  const { pitch, starts, tip, flankAngleDeg } = grooveCase;
  const { x, y } = tipAt(grooveCase, feed);
  if (y <= 0) return ground;
  const edge = toolEdge(tip, flankAngleDeg, y);
  const half = edge.at(-1)?.x1 ?? 0;
  const lead = pitch * starts;
  let after = ground;
  for (let turn = Math.ceil((from - half - x) / lead); x + turn * lead - half < to; turn += 1)
    after = envelope(after, moveProfile(edge, x + turn * lead, y));
  return after;
}

/**
 * Cross-section that each cut removes over one lead, in unit squared, exact to the rounding of the arithmetic: also for
 * a staircase, and where crests meet.
 */
export function chipAreas(grooveCase: GrooveCase, feeds: readonly Feed[]): number[] {
  const areas = grounds(grooveCase, feeds, oneLead(grooveCase)).map(areaOf);
  return feeds.map((_, index) => Math.max(0, (areas[index + 1] ?? 0) - (areas[index] ?? 0)));
}

/**
 * Width of the flat that is left on the crest between two neighbouring grooves; 0 where they meet.
 *
 * @param ground over one lead, wherever it begins
 */
export function crestFlat({ starts }: GrooveCase, ground: Profile): number {
  const flats = ground.filter((piece) => piece.kind === 'line' && Math.max(piece.y0, piece.y1) <= 1e-12);
  return flats.reduce((sum, { x0, x1 }) => sum + x1 - x0, 0) / starts;
}
