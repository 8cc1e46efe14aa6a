import type { Piece } from '@/core/thread/geometry/piece';
import type { Profile } from '@/core/thread/geometry/profile';
import { tipShortening, type Tip } from '@/core/thread/tool/tip';
import { radians } from '@/core/base/units/angle';

/**
 * The cutting edge of a tool with its tip at the origin, as pieces up to a height over the tip: a flank, the tip (a
 * point, a flat or an arc), a flank. y grows into the material, so that the flanks rise to negative y.
 */
export function toolEdge(tip: Tip, flankAngleDeg: number, height: number): Profile {
  const angle = radians(flankAngleDeg);
  const shortening = tipShortening(tip, flankAngleDeg);
  const half = (height + shortening) * Math.tan(angle);
  const radius = tip.kind === 'radius' ? tip.radius : 0;
  const tipHalf = tip.kind === 'flat' ? tip.flat / 2 : radius * Math.cos(angle);
  const tipTop = radius === 0 ? 0 : -radius * (1 - Math.sin(angle));
  if (half <= tipHalf) return arcOrFlat(radius, Math.min(tipHalf, arcReach(radius, height) ?? tipHalf));
  const flank = (x0: number, x1: number, y0: number, y1: number): Piece => ({ kind: 'line', x0, x1, y0, y1 });
  return [
    flank(-half, -tipHalf, -height, tipTop),
    ...(tipHalf > 0 ? arcOrFlat(radius, tipHalf) : []),
    flank(tipHalf, half, tipTop, -height),
  ];
}

function arcOrFlat(radius: number, half: number): Profile {
  return radius === 0
    ? [{ kind: 'line', x0: -half, x1: half, y0: 0, y1: 0 }]
    : [{ kind: 'arc', x0: -half, x1: half, cx: 0, cy: -radius, r: radius }];
}

/** Half of the width of a radius tip that is only a little way in. */
function arcReach(radius: number, depth: number): number | null {
  return radius === 0 || depth >= radius ? null : Math.sqrt(radius ** 2 - (radius - depth) ** 2);
}
