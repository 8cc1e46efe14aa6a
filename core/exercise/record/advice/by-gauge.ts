import { isDeeper } from '../state/feed';
import { depthOfGraduation, finishingGraduations, further } from './dial-steps';
import { expectsFor, isPastSaving } from './proof-state';
import { catchUp } from './several-starts';
import { cutTo, type Decision, type WorkAt } from './work-at';

/**
 * What a GO and NO-GO gauge says to do; null where the next row may be cut as it is. Where GO stops at the end of the
 * rows, a quarter of the tolerance is taken at a time: GO goes long before NO-GO does.
 */
export function byGauge(work: WorkAt): Decision | null {
  const { sheet, prediction, answer } = work;
  if (answer?.kind !== 'gauge') return null;
  const { next, reading } = prediction;
  if (answer.cutsSince > 0) {
    const evidence = sheet.proof.find(({ id }) => id === answer.entry.content.evidenceId);
    if (next !== null || evidence === undefined) return null;
    return (
      catchUp(work) ?? { phase: 'measure', because: ['used-up'], expects: expectsFor(sheet, evidence, false) }
    );
  }
  if (isPastSaving(sheet, answer)) return { phase: 'past-saving', because: ['past-the-limit'] };
  if (answer.entry.content.answer === 'right') return { phase: 'enough', because: ['gauge-right'] };
  const { min, max } = sheet.limits.pitchDiameter;
  const quarter = Math.floor((max - min) / 4 / (2 * depthOfGraduation(sheet)) + 1e-6);
  const to = further(sheet, reading.value, Math.max(1, Math.min(finishingGraduations(sheet), quarter)));
  const rowIsNearer = next !== null && !isDeeper(sheet, next.dialReading.value, to);
  return next === null || (next.kind === 'finish' && !rowIsNearer) ? cutTo(work, to, ['by-gauge']) : null;
}
