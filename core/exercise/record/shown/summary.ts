import type { Sheet } from '../../sheet/sheet';
import type { Entry } from '../entry/entry';
import type { Phase } from '../advice/advice';
import { adviseOn } from '../advice/advise';
import { floorState, type FloorState } from './floor-state';
import { predict } from '../state/predict';
import { nextAtBench, saysSomebodysWords, type NextAtBench } from './next-at-bench';
import { sheetForStudent } from './shown-to-student';
import { worksheetShown } from '../state/worksheet-progress';
import type { AttemptState } from '../state/record-state';

/** What the class board shows of an attempt, kept beside the record so that the board need not read it. */
export interface AttemptSummary {
  state: AttemptState;
  latheName: string | null;
  passesCut: number;
  /** The open step of the set-up, or null when it is done. */
  stepTitle: string | null;
  entries: number;
  lastEntryAt: string | null;
  waitsFor: 'instructor' | 'mark' | null;
  /** Pitch diameter by the final measurement, in the thread's unit. */
  finalSize: number | null;
  points: number | null;
  /** Whether the points reach the pass mark of the scheme. */
  passed: boolean | null;
  /** What the floor shows; null before a lathe is chosen, and when it is marked. */
  floor: FloorState | null;
  /** Where the work stands by name; null before a lathe is chosen, and when it is marked. */
  phase: Phase | null;
  /**
   * What is next at the bench; null when it is marked, and where somebody's words belong to it: then the record is read,
   * for words must be able to be taken out.
   */
  next: NextAtBench | null;
}

/** The standing decision on an attempt, as far as the summary needs it. */
export interface DecidedPoints {
  points: number;
  passed: boolean;
}

/**
 * The summary of an attempt, from the record and the standing mark alone.
 * @param sheet the sheet of the lathe chosen; null while none is
 */
export function summaryOf(
  sheet: Sheet | null,
  entries: readonly Entry[],
  decided: DecidedPoints | null,
): AttemptSummary {
  const last = entries.at(-1);
  const base = {
    entries: entries.length,
    lastEntryAt: last?.serverTime ?? null,
    points: decided?.points ?? null,
    passed: decided?.passed ?? null,
  };
  if (sheet === null)
    return {
      ...base,
      state: decided === null ? 'not-begun' : 'marked',
      latheName: null,
      passesCut: 0,
      stepTitle: null,
      waitsFor: null,
      finalSize: null,
      floor: null,
      phase: null,
      next: null,
    };
  const prediction = predict(sheet, entries);
  const { state, steps, cuts, final } = prediction;
  const open = steps.find(({ step, verdict }) => verdict === 'open' && step.when === 'before-cutting');
  const advice = decided === null ? adviseOn(sheet, entries, prediction) : null;
  const floor = advice === null ? null : floorState(sheet, entries, prediction, advice);
  const waits = floor?.waits ?? null;
  return {
    ...base,
    state: decided === null ? state : 'marked',
    latheName: sheet.lathe.name,
    passesCut: cuts.length,
    stepTitle: cuts.length === 0 ? (open?.step.title ?? null) : null,
    waitsFor: waits === null ? null : waits.kind === 'mark' ? 'mark' : 'instructor',
    finalSize: final?.measured.mean ?? null,
    floor,
    phase: advice?.phase ?? null,
    next: advice === null ? null : nextWithoutWords(sheet, entries),
  };
}

function nextWithoutWords(sheet: Sheet, entries: readonly Entry[]): NextAtBench | null {
  const worksheet = sheet.worksheet.length === 0 ? null : worksheetShown(sheet, entries);
  const next = nextAtBench(sheetForStudent(sheet, entries, false), entries, worksheet);
  return saysSomebodysWords(next) ? null : next;
}
