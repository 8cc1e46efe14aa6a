import { FORM_60 } from '../thread';
import { radians } from '../units';

/** What a measurement over wires depends on. All lengths in one unit. */
export interface WireCase {
  pitch: number;
  lead: number;
  wire: number;
  flankAngleDeg?: number;
}

/** Wire that touches the flanks at the pitch line: P / (2 cos a), 0.57735 P for 60 degrees (ASME B1.2). */
export function bestWire(pitch: number, flankAngleDeg = FORM_60.flankAngleDeg): number {
  return pitch / (2 * Math.cos(radians(flankAngleDeg)));
}

/**
 * Wires that can be used on a real thread: they must stand proud of the crest and still touch the flanks below it.
 * At the nominal crest this is 0.5052 P to 1.0104 P.
 */
export function wireRange(
  pitch: number,
  majorDiameter: number,
  pitchDiameter: number,
): { min: number; max: number } {
  const angle = radians(FORM_60.flankAngleDeg);
  const crestHeight = (majorDiameter - pitchDiameter) / 2;
  const min = (2 * crestHeight + pitch / 2 / Math.tan(angle)) / (1 + 1 / Math.sin(angle));
  const max = (2 * (pitch / 4 + crestHeight * Math.tan(angle))) / Math.cos(angle);
  return { min, max };
}

/**
 * What the lead angle adds to a measurement over wires: (w / 2) tan²(lead angle) cos a cot a
 * (NBS Handbook H28 and ASME B1.2; a first-order term, in the unit of the wire).
 */
export function leadAngleCorrection({ lead, wire, flankAngleDeg }: WireCase, pitchDiameter: number): number {
  const angle = radians(flankAngleDeg ?? FORM_60.flankAngleDeg);
  const slope = lead / (Math.PI * pitchDiameter);
  return ((wire * slope ** 2) / 2) * (Math.cos(angle) / Math.tan(angle));
}

/**
 * Measurement over three wires: M = d2 + w (1 + 1 / sin a) - (P / 2) cot a + lead-angle correction;
 * for 60 degrees d2 + 3 w - 0.866025 P (ASME B1.2).
 */
export function overWires(wireCase: WireCase, pitchDiameter: number): number {
  return pitchDiameter + wireOffset(wireCase) + leadAngleCorrection(wireCase, pitchDiameter);
}

/** The pitch diameter that a measurement over three wires proves; the inverse of `overWires`, to 1e-9. */
export function pitchDiameterFrom(wireCase: WireCase, measuredOverWires: number): number {
  let pitchDiameter = measuredOverWires - wireOffset(wireCase);
  for (let round = 0; round < 30; round += 1) {
    pitchDiameter = measuredOverWires - wireOffset(wireCase) - leadAngleCorrection(wireCase, pitchDiameter);
  }
  return pitchDiameter;
}

function wireOffset({ pitch, wire, flankAngleDeg = FORM_60.flankAngleDeg }: WireCase): number {
  const angle = radians(flankAngleDeg);
  return wire * (1 + 1 / Math.sin(angle)) - pitch / 2 / Math.tan(angle);
}
