import { roundTo } from '@/core/base/units/round';
import { onDialNow } from '../../sheet/on-dial-now';
import { isDeeper } from '../state/feed';
import { isKind } from '../entry/entry';
import { standsIn } from '../entry/work-so-far';
import { isInside, measuredThread } from '../state/measured-thread';
import { depthOfGraduation, finishingGraduations, further } from './dial-steps';
import { cutTo, type Decision, type WorkAt } from './work-at';

/** Where a measurement has said enough of one start, the others come as deep as that, and no start goes deeper. */
export function otherStarts(work: WorkAt): Decision | null {
  const { sheet, prediction, live } = work;
  const { remaining, cuts, segment } = prediction;
  if (sheet.thread.starts === 1 || remaining === null || !isInside(sheet, remaining.measured)) return null;
  if (remaining.measured.remainingRadial >= depthOfGraduation(sheet)) return null;
  const index = live.indexOf(remaining.measurement);
  const measuredAt = cuts.findLast(({ entry }) => live.indexOf(entry) < index);
  if (measuredAt === undefined || measuredAt === cuts.at(-1)) return null;
  const to = roundTo(measuredAt.planReading - segment.planAtZero, 6);
  return catchUp(work, to) ?? { phase: 'enough', because: ['target-reached'] };
}

/** With several starts each comes to the same depth before the proof, by its rows as far as they go. */
export function catchUp(work: WorkAt, depth = work.prediction.reading.value): Decision | null {
  const { sheet, prediction } = work;
  const to = onGraduation(work, depth);
  const start = startBehind(work, to);
  if (start === null) return null;
  const from = standsAt(work, start);
  const { planAtZero } = prediction.segment;
  const row =
    prediction.passes.find(
      (each) =>
        each.start === start && isDeeper(sheet, onDialNow(sheet, planAtZero, each.dialReading.value), from),
    ) ?? null;
  const wanted =
    row === null
      ? further(sheet, from, finishingGraduations(sheet))
      : onDialNow(sheet, planAtZero, row.dialReading.value);
  // After new zeros the rows' figures on the dial are others: what was planned is said as it stands there now.
  const rowOnDial =
    row === null
      ? null
      : {
          ...row,
          dialReading: { ...row.dialReading, value: wanted },
        };
  return cutTo(work, Math.min(wanted, to), ['other-start'], { start, row: rowOnDial, from });
}

/** Starts of which a measurement said enough, and that were not cut since. */
export function doneStarts({ sheet, live }: WorkAt): Set<number> {
  const done = new Set<number>();
  let start = 1;
  for (const entry of live) {
    if (isKind('pass')(entry)) {
      ({ start } = entry.content);
      done.delete(start);
    }
    if (!isKind('measurement')(entry)) continue;
    const measured = measuredThread(sheet, entry.content);
    if (isInside(sheet, measured) && measured.remainingRadial < depthOfGraduation(sheet)) done.add(start);
    else done.delete(start);
  }
  return done;
}

/** A start that is not so deep, and of which nothing says that it is enough; null where all are. */
export function startBehind(work: WorkAt, depth = work.prediction.reading.value): number | null {
  const { sheet } = work;
  const to = onGraduation(work, depth);
  if (sheet.thread.starts === 1) return null;
  const done = doneStarts(work);
  for (let start = 1; start <= sheet.thread.starts; start += 1)
    if (!done.has(start) && isDeeper(sheet, to, standsAt(work, start))) return start;
  return null;
}

/** A depth that another slide fed lies between two graduations: as near to it as the dial can be set. */
function onGraduation({ sheet: { lathe } }: WorkAt, figure: number): number {
  const { value: graduation } = lathe.dial.graduation;
  return roundTo(Math.round(roundTo(figure / graduation, 6)) * graduation, 6);
}

/** The figure of the dial to which the deepest start was cut. */
export const deepestStart = (work: WorkAt): number =>
  Math.max(...Array.from({ length: work.sheet.thread.starts }, (_, index) => standsAt(work, index + 1)));

/** The figure of the dial to which a start was cut last. */
export const standsAt = ({ prediction }: WorkAt, start: number): number => standsIn(start, prediction);
