import { type Tip, tipShortening } from '@/core/thread/tool/tip';
import { radians } from '@/core/base/units/angle';

/** Width of the groove at the surface when the tip is a depth in. */
export function grooveWidth(tip: Tip, flankAngleDeg: number, tipDepth: number): number {
  if (tipDepth <= 0) return 0;
  const angle = radians(flankAngleDeg);
  if (tip.kind === 'radius' && tipDepth < tip.radius * (1 - Math.sin(angle))) {
    return 2 * Math.sqrt(tip.radius ** 2 - (tip.radius - tipDepth) ** 2);
  }
  return 2 * (tipDepth + tipShortening(tip, flankAngleDeg)) * Math.tan(angle);
}

/** Area of the groove below the surface when the tip is a depth in (closed form). */
export function grooveArea(tip: Tip, flankAngleDeg: number, tipDepth: number): number {
  return areaByDepth(tip, flankAngleDeg)(tipDepth);
}

/** The same for many depths of one tip. */
function areaByDepth(tip: Tip, flankAngleDeg: number): (tipDepth: number) => number {
  const angle = radians(flankAngleDeg);
  const slope = Math.tan(angle);
  if (tip.kind === 'sharp') return (depth) => (depth <= 0 ? 0 : depth ** 2 * slope);
  if (tip.kind === 'flat') return (depth) => (depth <= 0 ? 0 : tip.flat * depth + depth ** 2 * slope);
  const { radius } = tip;
  const round = radius * (1 - Math.sin(angle));
  const shortening = tipShortening(tip, flankAngleDeg);
  const cornerCutOff = radius ** 2 * (1 / slope - (Math.PI / 2 - angle));
  return (depth) => {
    if (depth <= 0) return 0;
    if (depth >= round) return (depth + shortening) ** 2 * slope - cornerCutOff;
    const half = Math.acos(1 - depth / radius);
    return radius ** 2 * (half - Math.sin(half) * Math.cos(half));
  };
}

/** The depth at which the groove has an area; the inverse of `grooveArea`, by bisection to 1e-14 of the scale. */
export function depthForArea(tip: Tip, flankAngleDeg: number, area: number): number {
  const areaAt = areaByDepth(tip, flankAngleDeg);
  let low = 0;
  let high = Math.sqrt(area / Math.tan(radians(flankAngleDeg))) + tipShortening(tip, flankAngleDeg) + area;
  while (areaAt(high) < area) high *= 2;
  for (let round = 0; round < 60; round += 1) {
    const middle = (low + high) / 2;
    if (areaAt(middle) < area) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
