import { withHeldBack } from '../../sheet/held-back';
import type { Sheet } from '../../sheet/sheet';
import type { SheetStep } from '../../sheet/sheet-step';
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
  const judged = sheet.steps.flatMap((step): [string, NonNullable<SheetStep['judged']>][] => {
    if (!held.includes(step.id)) return [];
    const { entry, verdict } = stepProgress(sheet, step, live);
    return entry === null || verdict === 'open' ? [] : [[step.id, { entryId: entry.id, verdict }]];
  });
  return shownOnce(sheet, held, new Map(judged));
}

/** Sheets as they were shown: the same one is the same object, so that what was gone through on it is not gone through anew. */
const SHOWN = new WeakMap<Sheet, Map<string, Sheet>>();
/** A sheet is shown in so many ways at most while a piece is worked at; beyond, they are made anew. */
const MOST_SHOWN = 50;

function shownOnce(
  sheet: Sheet,
  held: readonly string[],
  judged: ReadonlyMap<string, NonNullable<SheetStep['judged']>>,
): Sheet {
  const key = JSON.stringify([held, [...judged]]);
  const ofSheet = SHOWN.get(sheet) ?? new Map<string, Sheet>();
  SHOWN.set(sheet, ofSheet);
  const before = ofSheet.get(key);
  if (before !== undefined) return before;
  const blank = withHeldBack(sheet, held);
  const shown: Sheet = {
    ...blank,
    // The questions stay, for what is recorded at them; what is right goes with the worksheet as it is shown.
    worksheet: [],
    steps: blank.steps.map((step) => {
      const by = judged.get(step.id);
      return by === undefined ? step : { ...step, judged: by };
    }),
  };
  if (ofSheet.size >= MOST_SHOWN) ofSheet.clear();
  ofSheet.set(key, shown);
  return shown;
}
