import type { Tip } from '../tool';
import { radians } from '../units';
import { tipShortening } from '../tool';

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
  if (tipDepth <= 0) return 0;
  const angle = radians(flankAngleDeg);
  const slope = Math.tan(angle);
  if (tip.kind === 'sharp') return tipDepth ** 2 * slope;
  if (tip.kind === 'flat') return tip.flat * tipDepth + tipDepth ** 2 * slope;
  const { radius } = tip;
  if (tipDepth < radius * (1 - Math.sin(angle))) {
    const half = Math.acos(1 - tipDepth / radius);
    return radius ** 2 * (half - Math.sin(half) * Math.cos(half));
  }
  const cornerCutOff = radius ** 2 * (1 / slope - (Math.PI / 2 - angle));
  return (tipDepth + tipShortening(tip, flankAngleDeg)) ** 2 * slope - cornerCutOff;
}

/** The depth at which the groove has an area; the inverse of `grooveArea`, by bisection to 1e-14 of the scale. */
export function depthForArea(tip: Tip, flankAngleDeg: number, area: number): number {
  let low = 0;
  let high = Math.sqrt(area / Math.tan(radians(flankAngleDeg))) + tipShortening(tip, flankAngleDeg) + area;
  while (grooveArea(tip, flankAngleDeg, high) < area) high *= 2;
  for (let round = 0; round < 60; round += 1) {
    const middle = (low + high) / 2;
    if (grooveArea(tip, flankAngleDeg, middle) < area) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
