import type { Thread } from '@/core/thread/standards/thread';
import type { ThreadLimits } from '@/core/thread/standards/thread-limits';
import { leadAngleCorrection, leadAngleDeg, plainLeadAngleCorrection, wireCaseOf } from './three-wires';

/** Over one wire and the opposite crests: half of what three wires read and half of the real major diameter. */
export function overOneWire(overThreeWires: number, realMajor: number): number {
  return (overThreeWires + realMajor) / 2;
}

/** Basic pitch diameters of the GO and NO-GO members: rings for an external, plugs for an internal thread. */
export interface GaugeSizes {
  kind: 'ring' | 'plug';
  go: number;
  noGo: number;
}

/** The GO gauge stands at the limit of most material, the NO-GO at that of least (ASME B1.2, ISO 1502: basic sizes, without gauge tolerance). */
export function gaugeSizes({ side, pitchDiameter }: ThreadLimits): GaugeSizes {
  return side === 'external'
    ? { kind: 'ring', go: pitchDiameter.max, noGo: pitchDiameter.min }
    : { kind: 'plug', go: pitchDiameter.min, noGo: pitchDiameter.max };
}

/**
 * What the lead angle adds, exact and by the handbooks' formula, and whether it matters against a tenth of the
 * tolerance (common practice).
 */
export function leadAngleMatters(
  thread: Thread,
  limits: ThreadLimits,
  wire: number,
): { correction: number; plain: number; matters: boolean } {
  const middle = (limits.pitchDiameter.min + limits.pitchDiameter.max) / 2;
  const wireCase = wireCaseOf(thread, wire);
  const correction = leadAngleCorrection(wireCase, middle);
  const plain = plainLeadAngleCorrection(wireCase, middle);
  return { correction, plain, matters: Math.abs(correction) > limits.tolerance.pitchDiameter / 10 };
}

const MARGIN_DEG = 3;

/**
 * Clearance that the tool's leading side needs: the lead angle at the root, where it is steepest, plus a margin
 * (common practice: three degrees). The trailing side needs the margin less the lead angle.
 */
export function sideClearanceDeg(lead: number, rootDiameter: number): { leading: number; trailing: number } {
  const helix = leadAngleDeg(lead, rootDiameter);
  return { leading: MARGIN_DEG + helix, trailing: MARGIN_DEG - helix };
}
