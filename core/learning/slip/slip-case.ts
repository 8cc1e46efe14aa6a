import type { SwivelZero } from '@/core/thread/compound/compound';
import type { Thread } from '@/core/thread/standards/thread';
import type { Tip } from '@/core/thread/tool/tip';

/** What a student works out before going to the lathe. */
export const SLIP_QUANTITIES = [
  'pitch',
  'majorMin',
  'majorMax',
  'pitchDiameterMin',
  'pitchDiameterMax',
  'radialDepth',
  'compoundFeed',
  'markToSet',
  'bestWire',
  'overWires',
] as const;
export type SlipQuantity = (typeof SLIP_QUANTITIES)[number];

/** What the figures are worked out from, in the thread's unit and in degrees from the cross-slide axis. */
export interface SlipCase {
  thread: Thread;
  /** The real blank, or the real bore. */
  workDiameter: number | null;
  tip: Tip | null;
  compoundAngleDeg: number | null;
  zeroAlong: SwivelZero | null;
  /** The pitch diameter aimed at. */
  pitchDiameter: number | null;
  /** The wire in hand. */
  wire: number | null;
}

export type SlipField = Exclude<keyof SlipCase, 'thread'>;

/** What each quantity follows from, beyond the thread. */
export const SLIP_NEEDS: Record<SlipQuantity, readonly SlipField[]> = {
  pitch: [],
  majorMin: [],
  majorMax: [],
  pitchDiameterMin: [],
  pitchDiameterMax: [],
  radialDepth: ['workDiameter', 'tip', 'pitchDiameter'],
  compoundFeed: ['workDiameter', 'tip', 'pitchDiameter', 'compoundAngleDeg'],
  markToSet: ['compoundAngleDeg', 'zeroAlong'],
  bestWire: [],
  overWires: ['pitchDiameter', 'wire'],
};

/**
 * How close an answer has to come where nothing else is asked: limits and pitch as they are printed; depth, feed and
 * wires to half a graduation; the swivel scale to what can be set (common practice).
 */
export function usualTolerance(quantity: SlipQuantity, unit: 'in' | 'mm'): number {
  if (quantity === 'markToSet') return 0.25;
  const printed =
    quantity === 'pitch' || quantity.startsWith('major') || quantity.startsWith('pitchDiameter');
  if (printed) return unit === 'in' ? 0.0001 : 0.001;
  return unit === 'in' ? 0.0005 : 0.01;
}
