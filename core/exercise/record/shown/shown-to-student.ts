import { withHeldBack } from '../../sheet/held-back';
import type { Sheet } from '../../sheet/sheet';
import { isKind, liveEntries, type Entry } from '../entry/entry';
import { stepProgress } from '../state/step-progress';
import { worksheetProgress } from '../state/worksheet-progress';

/**
 * The sheet as far as its student may see it by now: nothing before the worksheet is through; without the values of steps
 * that the student has to find. What shows after the entry shows then; what stays hidden is judged here, and only the
 * judgement is told. Once the work is handed in nothing is held back any more.
 */
export function sheetForStudent(sheet: Sheet, entries: readonly Entry[], marked: boolean): Sheet | null {
  const live = liveEntries(entries);
  // Told is told: a hand-in that was struck out afterwards has shown everything.
  if (marked || entries.some(isKind('hand-in'))) return sheet;
  if (!worksheetProgress(sheet, entries).open) return null;
  const recorded = new Set(live.filter(isKind('step')).map(({ content }) => content.stepId));
  const held = sheet.steps
    .filter(({ id, shows }) => shows !== 'shown' && !(shows === 'after-entry' && recorded.has(id)))
    .map(({ id }) => id);
  const shown = withHeldBack(sheet, held);
  return {
    ...shown,
    // The questions stay, for what is recorded at them; what is right goes with the worksheet as it is shown.
    worksheet: [],
    steps: shown.steps.map((step, index) => {
      const whole = sheet.steps[index];
      if (step.heldBack !== true || whole === undefined) return step;
      const { entry, verdict } = stepProgress(sheet, whole, live);
      return entry === null || verdict === 'open'
        ? step
        : { ...step, judged: { entryId: entry.id, verdict } };
    }),
  };
}
