import { shopUncertainty } from '../state/finish-by';
import { isInside, isOverCut } from '../state/measured-thread';
import { fedDepth, isDeeper } from '../state/feed';
import { depthOfGraduation, finishingGraduations, further } from './dial-steps';
import { expectsFor, tellsSize } from './proof-state';
import { doneStarts } from './several-starts';
import { spareOf } from './size-now';
import type { Reason } from './advice';
import { cutTo, type Decision, type WorkAt } from './work-at';

/**
 * What the latest measurement says to do; null where the next row may be cut as it is. It is worked off in steps of the
 * finishing infeed, never so far that the place nearest to the limit would leave it, and then asked for anew.
 */
export function byMeasurement(work: WorkAt): Decision | null {
  const { sheet, prediction, answer } = work;
  const { remaining, next, reading } = prediction;
  if (remaining === null || answer?.kind !== 'measurement') return null;
  const { measured, measurement } = remaining;
  const fresh = answer.cutsSince === 0;
  if (fresh && isOverCut(sheet, measured)) return { phase: 'past-saving', because: ['past-the-limit'] };
  // Cut from a zero of which nobody knows the depth: what was measured before says nothing of it any more.
  if (!fresh && remaining.stopReading === null && next?.kind !== 'spring' && next !== null)
    return measureAnew(work, 'depth-not-known');
  const step = depthOfGraduation(sheet);
  const left = Math.floor(remaining.radial / step + 1e-6);
  const fed = measured.remainingRadial - remaining.radial;
  const sprung = 2 * springLeft(work, answer.cutsSince);
  const spare = spareOf(sheet, { min: measured.smallest, max: measured.largest }) - 2 * fed - sprung;
  if (fresh && isInside(sheet, measured)) {
    if (left < 1) return { phase: 'enough', because: ['target-reached'] };
    if (spare - 2 * step < shopUncertainty(sheet, measurement.content.method))
      return { phase: 'enough', because: ['next-could-leave-the-limits'] };
  }
  const most = Math.min(finishingGraduations(sheet), Math.floor(spare / (2 * step) + 1e-6));
  const graduations = Math.min(most, fresh ? Math.max(1, left) : left);
  if (next !== null && next.kind !== 'spring') {
    const other = next.start !== prediction.start;
    const behind = isDeeper(sheet, reading.value, next.dialReading.value - next.dialInfeed.value);
    const stop = further(sheet, reading.value, left);
    if (other ? behind && !doneStarts(work).has(next.start) : !isDeeper(sheet, next.dialReading.value, stop))
      return null;
  }
  if (fresh && graduations < 1 && sprung > 0) return cutTo(work, reading.value, ['spring-out-first']);
  if (graduations >= 1) return cutTo(work, further(sheet, reading.value, graduations), ['by-measurement']);
  if (!fresh) {
    // All rows cut: the final measurement tells as much.
    if (next === null || next.kind === 'spring') return null;
    return measureAnew(work, 'used-up');
  }
  // Not inside, and no step of this dial that could not lose it.
  return { phase: 'enough', because: ['next-could-leave-the-limits'] };
}

function measureAnew({ sheet }: WorkAt, because: Reason): Decision {
  const evidence = tellsSize(sheet);
  return {
    phase: 'measure',
    because: [because],
    expects: evidence === null ? null : expectsFor(sheet, evidence, false),
  };
}

/** How much of an infeed may spring back and come off later by itself, as a share of it; common practice. */
const SPRINGS_BACK = 0.2;

/** Metal that the tool may still take by itself: none once a pass at no infeed was taken at the depth that was measured. */
function springLeft({ sheet, prediction: { cuts } }: WorkAt, cutsSince: number): number {
  const before = cuts.at(-1 - cutsSince);
  return before === undefined ? 0 : SPRINGS_BACK * Math.max(0, fedDepth(sheet, before.infeed));
}
