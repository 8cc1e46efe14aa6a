import { radialDepthOf } from '@/core/thread/compound/compound';
import { pitchDiameterUncertainty } from '@/core/measuring/gauging/uncertainty';
import { travelOf } from '@/core/machine/lathe/dial-count';
import type { Sheet } from '../../sheet/sheet';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import { isInside, isOverCut } from './measured-thread';
import type { Prediction } from './predict';

/** How to go on by the latest measurement. */
export type Finish =
  /** So many more cuts, each at most so much on this dial. */
  | { kind: 'cut'; cuts: number; each: Length; graduations: number }
  /** In the band, and the smallest bite of this dial could leave it. */
  | { kind: 'stop' }
  /** At or past the target and in the band. */
  | { kind: 'done' }
  | { kind: 'over-cut' };

/** Largest error of a shop micrometer, and standard uncertainty of shop wires (common practice; the certificate decides). */
const SHOP: Record<LengthUnit, { micrometerError: number; wireUncertainty: number }> = {
  in: { micrometerError: 0.0001, wireUncertainty: 0.00001 },
  mm: { micrometerError: 0.003, wireUncertainty: 0.0003 },
};

/** Expanded uncertainty (k = 2) of a pitch diameter measured with shop instruments, in the thread's unit. */
export function shopUncertainty({ thread }: Sheet, method: 'wires' | 'direct'): number {
  return pitchDiameterUncertainty({
    ...SHOP[thread.unit],
    method: method === 'direct' ? 'thread-micrometer' : 'three-wires',
    readings: [],
    flankAngleDeg: thread.flankAngleDeg,
    side: thread.side,
  }).expanded;
}

/**
 * How much more to feed on this dial, in how many cuts of the finishing infeed; or to stop, since the smallest bite that
 * the dial can set may leave the band. Null without a measurement.
 */
export function finishBy(sheet: Sheet, prediction: Pick<Prediction, 'remaining'>): Finish | null {
  const { remaining } = prediction;
  if (remaining === null) return null;
  const { measured, measurement, compound } = remaining;
  const { dial } = sheet.lathe;
  const { unit } = sheet.thread;
  if (isOverCut(sheet, measured)) return { kind: 'over-cut' };
  const graduation = lengthIn(travelOf(1, dial), unit);
  const left = Math.floor(compound / graduation + 1e-6);
  const inside = isInside(sheet, measured);
  // What one more graduation would leave at the place that is nearest to the limit.
  const bite = 2 * radialDepthOf(graduation, sheet.feed.angleDeg);
  const { min, max } = sheet.limits.pitchDiameter;
  const spare = sheet.thread.side === 'external' ? measured.smallest - min : max - measured.largest;
  const risky = spare - bite < shopUncertainty(sheet, measurement.content.method);
  if (inside && risky) return { kind: 'stop' };
  if (left < 1)
    return inside ? { kind: 'done' } : { kind: 'cut', cuts: 1, each: dial.graduation, graduations: 1 };
  const finishing = lengthIn(sheet.schedule.finishingInfeed, dial.graduation.unit);
  const most = Math.max(1, Math.round(finishing / dial.graduation.value));
  const graduations = Math.min(most, left);
  return {
    kind: 'cut',
    cuts: Math.ceil(left / most),
    each: { value: graduations * dial.graduation.value, unit: dial.graduation.unit },
    graduations,
  };
}
