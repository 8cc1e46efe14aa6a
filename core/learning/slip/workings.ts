import { swivelGraduationDeg } from '@/core/thread/compound/compound';
import { bestWire, leadAngleCorrection, wireCaseOf } from '@/core/measuring/gauging/three-wires';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf, type Thread } from '@/core/thread/standards/thread';
import { threadLimits } from '@/core/thread/standards/limits';
import { tipShortening, type Tip } from '@/core/thread/tool/tip';
import { degrees, radians } from '@/core/base/units/angle';
import type { SlipCase, SlipQuantity } from './slip-case';

/** A calculation as it is done by hand, with every quantity that a slip may put another in the place of. */
export interface Workings {
  thread: Thread;
  pitch: number;
  /** Half of the angle between the flanks. */
  flankAngleDeg: number;
  /** How a calculator takes an angle. */
  angle: (degrees: number) => number;
  workDiameter: number;
  tip: Tip | null;
  compoundAngleDeg: number;
  markDeg: number;
  pitchDiameter: number;
  wire: number;
  /** What the lead angle adds over wires, where it counts. */
  correction: number;
}

/** The calculation as it is right. What the quantity does not need is NaN, and its value then too. */
export function rightWorkings(slipCase: SlipCase, quantity: SlipQuantity, tolerance: number): Workings {
  const { thread, workDiameter, tip, compoundAngleDeg, zeroAlong, pitchDiameter, wire } = slipCase;
  const { flankAngleDeg } = formOf(thread);
  const counts = quantity === 'overWires' && pitchDiameter !== null && wire !== null;
  const correction = counts ? leadAngleCorrection(wireCaseOf(thread, wire), pitchDiameter) : 0;
  return {
    thread,
    pitch: pitchOf(thread),
    flankAngleDeg,
    angle: radians,
    workDiameter: workDiameter ?? NaN,
    tip,
    compoundAngleDeg: compoundAngleDeg ?? NaN,
    markDeg:
      compoundAngleDeg === null || zeroAlong === null
        ? NaN
        : swivelGraduationDeg(compoundAngleDeg, zeroAlong),
    pitchDiameter: pitchDiameter ?? NaN,
    wire: wire ?? NaN,
    correction: Math.abs(correction) > tolerance ? correction : 0,
  };
}

/** What comes out of a calculation: the formulas of the handbooks, with whatever stands in them. */
export function resultOf(quantity: SlipQuantity, by: Workings): number {
  switch (quantity) {
    case 'pitch':
      return by.pitch;
    case 'majorMin':
    case 'majorMax':
    case 'pitchDiameterMin':
    case 'pitchDiameterMax':
      return limitOf(by.thread, quantity);
    case 'radialDepth':
      return radialDepth(by);
    case 'compoundFeed':
      return fedBy(radialDepth(by), by);
    case 'markToSet':
      return by.markDeg;
    case 'bestWire':
      return by.angle === radians
        ? bestWire(by.pitch, by.flankAngleDeg)
        : by.pitch / (2 * Math.cos(by.angle(by.flankAngleDeg)));
    case 'overWires':
      return overWiresByHand(by, 1 + 1 / Math.sin(by.angle(by.flankAngleDeg)));
  }
}

/** Over wires in a plane groove: d2 + k w - (P / 2) cot a, with k wires' worth; inside, over balls, the other way round. */
export function overWiresByHand(by: Workings, wires: number, pitchTerm = 1): number {
  const ground = (pitchTerm * by.pitch) / 2 / Math.tan(by.angle(by.flankAngleDeg));
  const outside = by.thread.side === 'external';
  const offset = outside ? by.wire * wires - ground : ground + by.wire * (2 - wires);
  return by.pitchDiameter + offset + by.correction;
}

/** What the compound is fed for a radial depth, at its angle. */
export function fedBy(radial: number, by: Workings): number {
  return radial / Math.cos(by.angle(by.compoundAngleDeg));
}

function radialDepth(by: Workings): number {
  const sign = by.thread.side === 'external' ? 1 : -1;
  const flank = by.angle(by.flankAngleDeg);
  const shortening = by.tip === null ? NaN : tipShortening(by.tip, degrees(flank));
  return (sign * (by.workDiameter - by.pitchDiameter)) / 2 + by.pitch / 4 / Math.tan(flank) - shortening;
}

/** A limit of a thread; NaN where the standard leaves it open. */
function limitOf(
  thread: Thread,
  quantity: 'majorMin' | 'majorMax' | 'pitchDiameterMin' | 'pitchDiameterMax',
): number {
  const { major, pitchDiameter } = threadLimits(thread);
  const band = quantity.startsWith('major') ? major : pitchDiameter;
  return (quantity.endsWith('Min') ? band.min : band.max) ?? NaN;
}
