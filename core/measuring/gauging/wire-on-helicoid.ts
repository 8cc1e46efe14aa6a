import type { Side } from '@/core/thread/standards/thread';
import { radians } from '@/core/base/units/angle';

/** A thread and a wire in one of its grooves. One unit. */
export interface HelicoidCase {
  /** Axial pitch between neighbouring grooves: the width of the groove at the pitch line is half of it. */
  pitch: number;
  lead: number;
  pitchDiameter: number;
  wire: number;
  flankAngleDeg: number;
  side: Side;
}

/**
 * Distance of the wire's axis from the thread's axis when the wire touches both helicoid flanks, exact to 1e-12 of the
 * diameter.
 *
 * A wire that is free to swing settles where its contact lies in the cross-section through its middle; there it stands
 * as deep as a ball of its diameter, and no deeper. So the problem is the nearest point of the helicoid
 * `z = P/4 + (r - d2/2) tan a + (lead / 2 pi) phi` to a point on the radius: three equations in r, phi and the distance,
 * solved by Newton's method from the plane (zero lead) solution. Own derivation; agrees with the first-order term of
 * ASME B1.2 for small lead angles.
 */
export function wireAxisRadius(helicoid: HelicoidCase): number {
  const { pitch, lead, pitchDiameter, wire, flankAngleDeg, side } = helicoid;
  const angle = radians(flankAngleDeg);
  const outward = side === 'external' ? 1 : -1;
  const slope = outward * Math.tan(angle);
  const rise = lead / (2 * Math.PI);
  const half = pitchDiameter / 2;
  let radius = half + (outward * wire) / 2 / Math.sin(angle) - pitch / 4 / slope;
  let r = radius - outward * (wire / 2) * Math.sin(angle);
  let phi = (-rise * Math.cos(angle) * (wire / 2)) / (r * radius);
  for (let round = 0; round < 30; round += 1) {
    const sin = Math.sin(phi);
    const cos = Math.cos(phi);
    const z = pitch / 4 + (r - half) * slope + rise * phi;
    const f1 = r - radius * cos + z * slope;
    const f2 = radius * r * sin + z * rise;
    const f3 = r * r - 2 * r * radius * cos + radius * radius + z * z - (wire * wire) / 4;
    // Rows: derivatives of f1, f2, f3 by r, phi and radius. Solved by Cramer's rule, in plain numbers: this runs for
    // every pass with every key stroke of a plan.
    const [a0, a1, a2] = [1 + slope * slope, radius * sin + rise * slope, -cos] as const;
    const [b0, b1, b2] = [radius * sin + slope * rise, radius * r * cos + rise * rise, r * sin] as const;
    const [c0, c1, c2] = [
      2 * r - 2 * radius * cos + 2 * z * slope,
      2 * r * radius * sin + 2 * z * rise,
      2 * radius - 2 * r * cos,
    ] as const;
    const whole = det3(a0, a1, a2, b0, b1, b2, c0, c1, c2);
    const dr = det3(-f1, a1, a2, -f2, b1, b2, -f3, c1, c2) / whole;
    const dphi = det3(a0, -f1, a2, b0, -f2, b2, c0, -f3, c2) / whole;
    const dradius = det3(a0, a1, -f1, b0, b1, -f2, c0, c1, -f3) / whole;
    r += dr;
    phi += dphi;
    radius += dradius;
    if (Math.abs(dradius) < 1e-14 * pitchDiameter && Math.abs(dr) < 1e-13 * pitchDiameter) break;
  }
  return radius;
}

/** Determinant of three rows. */
function det3(
  p0: number,
  p1: number,
  p2: number,
  q0: number,
  q1: number,
  q2: number,
  s0: number,
  s1: number,
  s2: number,
): number {
  return p0 * (q1 * s2 - q2 * s1) - p1 * (q0 * s2 - q2 * s0) + p2 * (q0 * s1 - q1 * s0);
}
