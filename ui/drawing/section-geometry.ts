import { linear } from './linear';
import { depthOf } from '@/core/thread/geometry/frame';
import { moveProfile, partOf, type Profile } from '@/core/thread/geometry/profile';
import type { Pose } from '@/core/thread/geometry/pose';
import { cutFeeds } from '@/core/cutting/cut/cut-feeds';
import { deepestPose, layerAfter, type CutThread } from '@/core/cutting/cut/cut-thread';
import { grooveAfter } from '@/core/cutting/cut/measure-thread';
import { groundOver } from '@/core/cutting/cut/ground-over';
import type { Stretch } from '@/core/cutting/cut/cut-case';
import { toolEdge } from '@/core/cutting/groove/tool-edge';
import type { Feed, GrooveCase } from '@/core/cutting/groove/groove-case';
import type { Side } from '@/core/thread/standards/thread';
import type { LengthUnit } from '@/core/base/units/length';
import { profilePath, reversedPath, type Placing } from './profile-path';

/** What the section shows. Lengths in one unit. */
export interface SectionCase {
  groove: GrooveCase;
  /** External work lies below the tool, internal above it. */
  side: Side;
  workDiameter: number;
  /** The cuts, in their order. */
  feeds: readonly Feed[];
}

/** How the drawing is looked at: 1 and no shift shows it whole. Shifts in pixels. */
export interface SectionLook {
  zoom: number;
  dx: number;
  dy: number;
}

export const WHOLE: SectionLook = { zoom: 1, dx: 0, dy: 0 };

/** The look in which a place of the frame stays where it is while the drawing grows. */
export function zoomedAt(
  look: SectionLook,
  by: number,
  at: { x: number; y: number },
  still: { x: number; y: number },
): SectionLook {
  const zoom = Math.min(40, Math.max(1, look.zoom * by));
  if (zoom === 1) return WHOLE;
  const share = zoom / look.zoom;
  return {
    zoom,
    dx: at.x - still.x - (at.x - still.x - look.dx) * share,
    dy: at.y - still.y - (at.y - still.y - look.dy) * share,
  };
}

/** All of a section that does not change while the passes are stepped through. */
export interface SectionLayout extends Placing {
  section: SectionCase;
  thread: CutThread;
  width: number;
  height: number;
  surfaceY: number;
  /** What stays in its place when the whole is zoomed: the surface over the middle of the deepest groove. */
  still: { x: number; y: number };
  /** Level of a diameter. */
  yOf: (diameter: number) => number;
  /** The ground after each cut over the frame; the first is the untouched surface. */
  grounds: Profile[];
  /** What of the axis lies in the frame. */
  frame: Stretch;
  /** The ground over the middle groove, and its outlines as paths, one after each cut. */
  middle: Profile[];
  outlines: string[];
  deepest: Pose;
}

/** What a section shows after a number of cuts, as paths. */
export interface SectionView {
  work: string;
  surface: string;
  chip: string | null;
  tool: string;
  tip: Pose;
  /** Width of the flat left on the crest. */
  crestFlat: number;
}

/** Room in pitches: across the frame, for the tool over the surface, and beyond the root for dimensions. */
const PITCHES_ACROSS = 2.9;
const TOOL_PITCHES = 0.87;
const ROOT_PITCHES = 0.45;

/** Lays the section out in a frame: the axis of the work is below, the headstock to the left. */
export function sectionLayout(
  section: SectionCase,
  width: number,
  height: number,
  look: SectionLook = WHOLE,
): SectionLayout {
  const { groove, side, workDiameter, feeds } = section;
  const { pitch } = groove;
  const thread = cutFeeds(groove, { side, workDiameter }, feeds);
  const deepest = deepestPose(thread.poses);
  const whole = calmScale(
    Math.min(width / (PITCHES_ACROSS * pitch), height / (deepest.y + (TOOL_PITCHES + ROOT_PITCHES) * pitch)),
  );
  const inward = side === 'external' ? 1 : -1;
  // Tool, groove and what lies beyond the root as one block in the middle of the frame.
  const spare = height - (deepest.y + (TOOL_PITCHES + ROOT_PITCHES) * pitch) * whole;
  const fromToolSide = spare / 2 + TOOL_PITCHES * pitch * whole;
  const still = { x: width / 2, y: side === 'external' ? fromToolSide : height - fromToolSide };
  const pixelsPerUnit = whole * look.zoom;
  const surfaceY = still.y + look.dy;
  const middleX = still.x + look.dx;
  const x = linear([-deepest.x / 2, 1 - deepest.x / 2], [middleX, middleX - pixelsPerUnit]);
  const y = linear([0, 1], [surfaceY, surfaceY + inward * pixelsPerUnit]);
  const placing: Placing = { x, y, pixelsPerUnit };
  const frame: Stretch = { from: x.invert(width), to: x.invert(0) };
  const all = thread.grounds.map((_, after) => groundOver(layerAfter(thread, after), thread.lead, frame));
  const middle = all.map((ground) => partOf(ground, deepest.x - pitch / 2, deepest.x + pitch / 2));
  return {
    ...placing,
    section,
    thread,
    width,
    height,
    surfaceY,
    still,
    yOf: (diameter) => y(depthOf(side, workDiameter, diameter)),
    grounds: all,
    frame,
    middle,
    outlines: middle.slice(1).map((ground) => profilePath(ground, placing)),
    deepest,
  };
}

/** In steps of two in a hundred: the drawing keeps its scale while one types, and only what follows from it moves. */
function calmScale(most: number): number {
  return 1.02 ** Math.floor(Math.log(most) / Math.log(1.02));
}

/**
 * The section after a number of cuts; quick, so that the slider can be dragged.
 * @param onTheWay share of the way that the tool has gone from there to its next cut
 */
export function sectionAt(layout: SectionLayout, chosen: number, onTheWay = 0): SectionView {
  const { section, width, height, grounds: all, middle } = layout;
  const { side } = section;
  const far = side === 'external' ? height : 0;
  const now = all[chosen] ?? all[0] ?? [];
  const surface = profilePath(now, layout);
  const tip = between(layout.thread.poses[chosen - 1] ?? ZERO, layout.thread.poses[chosen], onTheWay);
  const [before, after] = [middle[chosen - 1], middle[chosen]];
  return {
    work: `${surface}L0 ${far}L${width} ${far}Z`,
    surface,
    chip:
      before === undefined || after === undefined
        ? null
        : `${profilePath(after, layout)}${reversedPath(before, layout)}Z`,
    tool: toolPath(layout, tip),
    tip,
    crestFlat: grooveAfter(layout.thread, chosen, tip).crestFlat,
  };
}

const ZERO: Pose = { x: 0, y: 0, start: 0 };

function between(from: Pose, to: Pose | undefined, share: number): Pose {
  if (to === undefined || share === 0) return from;
  return { ...from, x: from.x + share * (to.x - from.x), y: from.y + share * (to.y - from.y) };
}

/** How far over the surface the tool's flanks are drawn, and its shank beyond, in pitches. */
const FLANK_PITCHES = 0.17;
const SHANK_PITCHES = 1.2;

function toolPath(layout: SectionLayout, tip: Pose): string {
  const { section, deepest, x, y } = layout;
  const { groove } = section;
  const edge = moveProfile(
    toolEdge(groove.tip, groove.flankAngleDeg, deepest.y + FLANK_PITCHES * groove.pitch),
    tip.x,
    tip.y,
  );
  const top = y(tip.y - deepest.y - SHANK_PITCHES * groove.pitch);
  const [left, right] = [x(edge.at(-1)?.x1 ?? 0), x(edge[0]?.x0 ?? 0)];
  return `M${right} ${top}${profilePath(edge, layout, 'L')}L${left} ${top}`;
}

/** A round length for the scale bar, about a seventh of the frame wide. */
export function scaleBarFor(
  pixelsPerUnit: number,
  width: number,
  unit: LengthUnit,
): { length: number; text: string } {
  const wanted = width / 7 / pixelsPerUnit;
  const decade = 10 ** Math.floor(Math.log10(wanted));
  const round = [5, 2, 1].map((step) => step * decade).find((step) => step <= wanted) ?? decade;
  return { length: round * pixelsPerUnit, text: `${Number(round.toPrecision(3))} ${unit}` };
}
