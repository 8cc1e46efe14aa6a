import { formOf } from '@/core/thread/standards/systems';
import { leadOf, pitchOf, type Side, type Thread } from '@/core/thread/standards/thread';
import type { ThreadForm } from '@/core/thread/standards/thread-form';
import { degrees, radians } from '@/core/base/units/angle';
import { wireAxisRadius } from './wire-on-helicoid';

/** What a measurement over wires depends on. All lengths in one unit. */
export interface WireCase {
  pitch: number;
  lead: number;
  wire: number;
  flankAngleDeg: number;
  /** Internal is measured over balls. */
  side: Side;
}

/** The wires of a thread, as `overWires` and its kin take them. */
export function wireCaseOf(thread: Thread, wire: number): WireCase {
  const { flankAngleDeg } = formOf(thread);
  return { pitch: pitchOf(thread), lead: leadOf(thread), wire, flankAngleDeg, side: thread.side };
}

/** Wire that touches the flanks at the pitch line: P / (2 cos a), 0.57735 P for 60 degrees (ASME B1.2), 0.51645 P for 29 (ASME B1.5). */
export function bestWire(pitch: number, flankAngleDeg: number): number {
  return pitch / (2 * Math.cos(radians(flankAngleDeg)));
}

/**
 * Wires that can be used on a real thread: they must stand proud of the crest and still touch the straight flanks
 * below it, where a rounded crest ends them sooner. At the nominal external 60 degree crest this is 0.5052 P to
 * 1.0104 P; at the internal one (balls) 0.433 P to 0.866 P.
 *
 * @param crestDiameter real major diameter, or the bore of an internal thread
 */
export function wireRange(
  form: ThreadForm,
  pitch: number,
  crestDiameter: number,
  pitchDiameter: number,
): { min: number; max: number } {
  const angle = radians(form.flankAngleDeg);
  const crestHeight = Math.abs(crestDiameter - pitchDiameter) / 2;
  const straight = crestHeight - form.crestRadius * pitch * (1 - Math.sin(angle));
  const min = (2 * crestHeight + pitch / 2 / Math.tan(angle)) / (1 + 1 / Math.sin(angle));
  const max = (2 * (pitch / 4 + straight * Math.tan(angle))) / Math.cos(angle);
  return { min, max };
}

/**
 * What the lead angle adds to a measurement over wires by the handbooks: (w / 2) tan²(lead angle) cos a cot a
 * (NBS Handbook H28 and ASME B1.2; first order, in the unit of the wire); over balls inside it
 * comes off by the same first-order term. `leadAngleCorrection` is the exact one.
 */
export function plainLeadAngleCorrection(
  { lead, wire, flankAngleDeg, side }: WireCase,
  pitchDiameter: number,
): number {
  const angle = radians(flankAngleDeg);
  const slope = lead / (Math.PI * pitchDiameter);
  const added = ((wire * slope ** 2) / 2) * (Math.cos(angle) / Math.tan(angle));
  return side === 'external' ? added : -added;
}

/** What the lead angle adds to a measurement over wires, exact: the wire on the helicoid against the plane groove. */
export function leadAngleCorrection(wireCase: WireCase, pitchDiameter: number): number {
  return overWires(wireCase, pitchDiameter) - pitchDiameter - wireOffset(wireCase);
}

/** Lead angle at the pitch diameter, degrees. */
export function leadAngleDeg(lead: number, pitchDiameter: number): number {
  return degrees(Math.atan(lead / (Math.PI * pitchDiameter)));
}

/**
 * Measurement over three wires (internal: over two balls), exact: M = 2 x (distance of the wire's axis) + w. In a plane groove that would be
 * d2 + w (1 + 1 / sin a) - (P / 2) cot a, for 60 degrees d2 + 3 w - 0.866025 P (ASME B1.2).
 */
export function overWires(wireCase: WireCase, pitchDiameter: number): number {
  const { pitch, lead, wire, flankAngleDeg, side } = wireCase;
  return 2 * wireAxisRadius({ pitch, lead, pitchDiameter, wire, flankAngleDeg, side }) + wire;
}

/** The pitch diameter that a measurement over three wires proves; the inverse of `overWires`, to 1e-9. */
export function pitchDiameterFrom(wireCase: WireCase, measuredOverWires: number): number {
  let pitchDiameter = measuredOverWires - wireOffset(wireCase);
  for (let round = 0; round < 50; round += 1) {
    const miss = measuredOverWires - overWires(wireCase, pitchDiameter);
    pitchDiameter += miss;
    if (Math.abs(miss) < 1e-13 * measuredOverWires) break;
  }
  return pitchDiameter;
}

/**
 * By how much a reading grows when the wire grows, in a plane groove: outside 1 + 1 / sin a (three for 60 degrees, 4.99 for
 * 29); over two balls in a nut 1 - 1 / sin a, so that larger balls read less (-1 for 60 degrees, -2.99 for 29). Geometry
 * of the groove; the lead angle changes it by parts in a thousand.
 */
export function wireSlope(flankAngleDeg: number, side: Side): number {
  const outward = 1 / Math.sin(radians(flankAngleDeg));
  return side === 'external' ? 1 + outward : 1 - outward;
}

/** What a wrong or worn wire (inside: ball) puts the pitch diameter wrong by, as a multiple of its error. */
export function wireErrorFactor(flankAngleDeg: number, side: Side): number {
  return Math.abs(wireSlope(flankAngleDeg, side));
}

/** Measurement over wires less the pitch diameter in a plane groove. */
export function wireOffset({ pitch, wire, flankAngleDeg, side }: WireCase): number {
  const ground = pitch / 2 / Math.tan(radians(flankAngleDeg));
  return wire * wireSlope(flankAngleDeg, side) + (side === 'external' ? -ground : ground);
}
