import type { Piece } from '@/core/thread/geometry/piece';
import { radians } from '@/core/base/units/angle';
import type { ToolShape } from './tool-shape';

/** Which part of the tool a piece of its edge is: `low` is the flank on the side of smaller x. */
export type EdgePart = 'low' | 'tip' | 'high' | 'crest';

export interface EdgePiece {
  part: EdgePart;
  piece: Piece;
}

/** The edge with its deepest point at a place and a depth, up to a height over that point. */
export type EdgeAt = (height: number, x: number, y: number) => EdgePiece[];

/**
 * The cutting edge of a tool as pieces in the order of x, without gaps; y grows into the material. What does not depend on
 * where it stands is worked out once. A full-profile insert reaches half a pitch to both sides.
 */
export function edgeOf(shape: ToolShape, pitch: number): EdgeAt {
  const tip = tipCorners(shape);
  const [lowSlope, highSlope] = [-Math.tan(radians(shape.lowDeg)), Math.tan(radians(shape.highDeg))];
  const { crestHeight } = shape;
  return (height, x, y) => {
    const top = crestHeight === null ? height : Math.min(height, crestHeight);
    const edge: EdgePiece[] = [];
    const low = flankEnd(tip.low, lowSlope, top);
    const high = flankEnd(tip.high, highSlope, top);
    const line = (part: EdgePart, x0: number, y0: number, x1: number, y1: number) => {
      if (x1 > x0)
        edge.push({ part, piece: { kind: 'line', x0: x + x0, y0: y + y0, x1: x + x1, y1: y + y1 } });
    };
    const crests = crestHeight !== null && height >= crestHeight;
    const reach = Math.max(pitch / 2, high.x, -low.x);
    if (crests) line('crest', -reach, -top, low.x, -top);
    line('low', low.x, -top, tip.low.x, tip.low.y);
    if (tip.radius > 0) {
      const [from, to] = [arcEnd(tip.low, tip.radius, top, -1), arcEnd(tip.high, tip.radius, top, 1)];
      const piece: Piece = {
        kind: 'arc',
        x0: x + from,
        x1: x + to,
        cx: x,
        cy: y - tip.radius,
        r: tip.radius,
      };
      edge.push({ part: 'tip', piece });
    } else line('tip', tip.low.x, tip.low.y, tip.high.x, tip.high.y);
    line('high', tip.high.x, tip.high.y, high.x, -top);
    if (crests) line('crest', high.x, -top, reach, -top);
    return edge;
  };
}

interface Corner {
  x: number;
  y: number;
}

/** Where the straight flanks begin, from the deepest point; a tilted flat stands on one of its corners. */
function tipCorners({ tip, lowDeg, highDeg }: ToolShape): { low: Corner; high: Corner; radius: number } {
  const [low, high] = [radians(lowDeg), radians(highDeg)];
  if (tip.kind === 'radius') {
    const corner = (angle: number, way: 1 | -1): Corner => ({
      x: way * tip.radius * Math.cos(angle),
      y: -tip.radius * (1 - Math.sin(angle)),
    });
    return { low: corner(low, -1), high: corner(high, 1), radius: tip.radius };
  }
  if (tip.kind === 'sharp') return { low: { x: 0, y: 0 }, high: { x: 0, y: 0 }, radius: 0 };
  const tilt = (low - high) / 2;
  const [half, drop] = [(tip.flat / 2) * Math.cos(tilt), tip.flat * Math.sin(tilt)];
  return {
    low: { x: -half, y: Math.min(0, drop) },
    high: { x: half, y: Math.min(0, -drop) },
    radius: 0,
  };
}

/** Where a flank reaches a height over the tip; its own corner where that stands higher. */
function flankEnd(corner: Corner, slope: number, height: number): Corner {
  const rise = Math.max(0, height + corner.y);
  return { x: corner.x + slope * rise, y: -height };
}

/** Where a radius ends: at its flank, or where a tip that is only a little way in leaves the work. */
function arcEnd(corner: Corner, radius: number, height: number, way: 1 | -1): number {
  if (height >= -corner.y) return corner.x;
  return way * Math.sqrt(Math.max(0, radius ** 2 - (radius - height) ** 2));
}
