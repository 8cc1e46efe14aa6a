import type { Side } from '../thread';
import { radians } from '../units';

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
    // Rows: derivatives of f1, f2, f3 by r, phi and radius.
    const a = [1 + slope * slope, radius * sin + rise * slope, -cos];
    const b = [radius * sin + slope * rise, radius * r * cos + rise * rise, r * sin];
    const c = [
      2 * r - 2 * radius * cos + 2 * z * slope,
      2 * r * radius * sin + 2 * z * rise,
      2 * radius - 2 * r * cos,
    ];
    const [dr, dphi, dradius] = solve3(a, b, c, [-f1, -f2, -f3]);
    r += dr;
    phi += dphi;
    radius += dradius;
    if (Math.abs(dradius) < 1e-14 * pitchDiameter && Math.abs(dr) < 1e-13 * pitchDiameter) break;
  }
  return radius;
}

/** Cramer's rule. */
function solve3(a: number[], b: number[], c: number[], y: number[]): [number, number, number] {
  const det = (p: number[], q: number[], s: number[]) => {
    const [p0 = 0, p1 = 0, p2 = 0] = p;
    const [q0 = 0, q1 = 0, q2 = 0] = q;
    const [s0 = 0, s1 = 0, s2 = 0] = s;
    return p0 * (q1 * s2 - q2 * s1) - p1 * (q0 * s2 - q2 * s0) + p2 * (q0 * s1 - q1 * s0);
  };
  const whole = det(a, b, c);
  const column = (index: number) => {
    const put = (row: number[], value: number) =>
      row.map((entry, place) => (place === index ? value : entry));
    return det(put(a, y[0] ?? 0), put(b, y[1] ?? 0), put(c, y[2] ?? 0)) / whole;
  };
  return [column(0), column(1), column(2)];
}
