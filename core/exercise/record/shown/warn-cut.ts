import { lengthIn } from '@/core/base/units/length';
import type { Sheet } from '../../sheet/sheet';
import type { CutWarning } from '../entry/cut-warning';
import { standsIn } from '../entry/work-so-far';
import type { Prediction } from '../state/predict';

const SLACK = 1e-9;

/**
 * Warnings before a cut at a reading, most serious first. "Backwards" is meant of the tool, however the dial counts.
 * @param start    the start that is cut: each stands at a figure of its own
 * @param reading counted from touch-off, in the dial's unit; as the planned row would have it, or an own one
 */
export function warnCut(
  sheet: Sheet,
  prediction: Prediction,
  reading: number,
  start = prediction.start,
): CutWarning[] {
  const { passes, stops, remaining } = prediction;
  const { dial } = sheet.lathe;
  const next = prediction.next?.start === start ? prediction.next : null;
  const stands = standsIn(start, prediction);
  const infeed = reading - stands;
  const { unit, value: graduation } = dial.graduation;
  const largest = lengthIn(sheet.schedule.largestInfeed, unit) * (dial.reads === 'diameter' ? 2 : 1);
  const turn = lengthIn(dial.perTurn, unit);
  // What its row says where it is cut as planned; from elsewhere it may be more.
  const ofRow = passes.find(({ n }) => n === next?.n)?.dialInfeed.value ?? 0;
  // As it is told it may be a graduation more: what a dial zeroed elsewhere rounds.
  const asTold = next !== null && Math.abs(reading - next.dialReading.value) < SLACK;
  const most = Math.max(largest, ofRow) + (asTold ? graduation : 0);
  const warnings: CutWarning[] = [];
  if (infeed < -SLACK) warnings.push('backwards');
  if (sheet.feed.as === 'turns' && infeed >= turn - SLACK) warnings.push('whole-turn');
  else if (infeed > most + SLACK) warnings.push('over-largest');
  if (next !== null) {
    const reached = passes.filter(
      ({ n, dialReading }) => n >= next.n && dialReading.value <= reading + SLACK,
    );
    const last = reached.at(-1)?.n ?? next.n;
    if (stops.some(({ stop, state }) => state === 'ahead' && stop.after >= next.n && stop.after < last))
      warnings.push('skips-check');
  }
  const stop = remaining?.stopReading?.value ?? null;
  if (stop !== null && reading > stop + SLACK) warnings.push('past-target');
  return warnings;
}
