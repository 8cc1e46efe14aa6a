import { line } from 'd3-shape';
import { scaleLinear } from 'd3-scale';
import { grooveProfile, tipAt, tipOutline, type GrooveCase } from '@/core/groove';
import type { Side } from '@/core/thread';
import { tipHalfWidth } from '@/core/tool';
import { radians, type LengthUnit } from '@/core/units';

/** What the section shows. Lengths in one unit. */
export interface SectionCase {
  groove: GrooveCase;
  /** External work lies below the tool, internal above it. */
  side: Side;
  workDiameter: number;
  /** Compound readings after each pass. */
  readings: readonly number[];
  /** Passes cut so far, 0 before the first. */
  chosen: number;
}

export interface SectionGeometry {
  /** Pixels for one unit of length; the same in both directions: the drawing is true to scale. */
  pixelsPerUnit: number;
  surfaceY: number;
  x: (axial: number) => number;
  y: (depth: number) => number;
  /** Level of a diameter. */
  yOf: (diameter: number) => number;
  work: string;
  surface: string;
  chip: string | null;
  /** Outline of the groove after each pass, in the middle groove only. */
  outlines: string[];
  tool: string;
  tip: { axial: number; depth: number };
}

const STEP_PX = 1.5;
/** Room in pitches: across the frame, for the tool over the surface, and beyond the root for dimensions. */
const PITCHES_ACROSS = 2.9;
const TOOL_PITCHES = 0.87;
const ROOT_PITCHES = 0.45;

/** Lays the section out in a frame: the axis of the work is below, leading flank and headstock to the left. */
export function sectionGeometry(
  { groove, side, workDiameter, readings, chosen }: SectionCase,
  width: number,
  height: number,
): SectionGeometry {
  const { pitch } = groove;
  const deepest = tipAt(groove, Math.max(0, ...readings));
  const pixelsPerUnit = Math.min(
    width / (PITCHES_ACROSS * pitch),
    height / (deepest.depth + (TOOL_PITCHES + ROOT_PITCHES) * pitch),
  );
  const inward = side === 'external' ? 1 : -1;
  // Tool, groove and what lies beyond the root as one block in the middle of the frame.
  const spare = height - (deepest.depth + (TOOL_PITCHES + ROOT_PITCHES) * pitch) * pixelsPerUnit;
  const fromToolSide = spare / 2 + TOOL_PITCHES * pitch * pixelsPerUnit;
  const surfaceY = side === 'external' ? fromToolSide : height - fromToolSide;
  const x = scaleLinear([-deepest.axial / 2, 1 - deepest.axial / 2], [width / 2, width / 2 - pixelsPerUnit]);
  const y = scaleLinear([0, 1], [surfaceY, surfaceY + inward * pixelsPerUnit]);
  const draw = line<[number, number]>();

  const trace = (profile: (axial: number) => number, fromPx: number, toPx: number): [number, number][] => {
    const count = Math.max(2, Math.ceil((toPx - fromPx) / STEP_PX));
    return Array.from({ length: count + 1 }, (_, index) => {
      const px = fromPx + ((toPx - fromPx) * index) / count;
      return [px, y(profile(x.invert(px)))];
    });
  };

  const now = grooveProfile(groove, readings.slice(0, chosen));
  const before = grooveProfile(groove, readings.slice(0, Math.max(0, chosen - 1)));
  const surface = trace(now, 0, width);
  const tip = chosen === 0 ? { axial: 0, depth: 0 } : tipAt(groove, readings[chosen - 1] ?? 0);

  const middle = [x(deepest.axial + pitch / 2), x(deepest.axial - pitch / 2)] as const;
  const far = side === 'external' ? height : 0;
  const outlines = readings.map(
    (_, index) => draw(trace(grooveProfile(groove, readings.slice(0, index + 1)), ...middle)) ?? '',
  );

  return {
    pixelsPerUnit,
    surfaceY,
    x,
    y,
    yOf: (diameter) => y((inward * (workDiameter - diameter)) / 2),
    work: draw([...surface, [width, far], [0, far]]) ?? '',
    surface: draw(surface) ?? '',
    chip:
      chosen === 0 ? null : (draw([...trace(now, ...middle), ...trace(before, ...middle).reverse()]) ?? null),
    outlines,
    tool: draw(toolOutline(groove, tip, deepest.depth, x, y)) ?? '',
    tip,
  };
}

type Scale = (value: number) => number;

function toolOutline(
  groove: GrooveCase,
  tip: { axial: number; depth: number },
  deepest: number,
  x: Scale,
  y: Scale,
): [number, number][] {
  const { pitch } = groove;
  const outline = tipOutline(groove.tip, groove.flankAngleDeg);
  const shoulder =
    tipHalfWidth(groove.tip, groove.flankAngleDeg) +
    (deepest + 0.17 * pitch) * Math.tan(radians(groove.flankAngleDeg));
  const steps = 60;
  const edge = Array.from({ length: steps + 1 }, (_, index): [number, number] => {
    const axial = -shoulder + (2 * shoulder * index) / steps;
    return [x(tip.axial + axial), y(outline(tip.depth, axial))];
  });
  const top = y(tip.depth - deepest - 1.2 * pitch);
  return [[x(tip.axial - shoulder), top], ...edge, [x(tip.axial + shoulder), top]];
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
