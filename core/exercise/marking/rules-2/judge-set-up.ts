import { isKind, type Entry } from '../../record/entry/entry';
import { showExpected, showStepValue } from '../../sheet/show-value';
import type { Sheet } from '../../sheet/sheet';
import type { SheetStep } from '../../sheet/sheet-step';
import type { Judgement, MarkCap } from '../mark-line';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { standingEntries } from './facts/standing-entries';
import { timeAt, verdictOf, type StepEntry } from './facts/steps-done';

/** What was recorded for a step, parted by the first cut: what stood before it, and what came after. */
interface StepRecord {
  step: SheetStep;
  before: StepEntry[];
  after: StepEntry[];
  cut: boolean;
}

/** One line for each step: right, wrong, corrected, too late or missing. What stood at the first cut is judged. */
export function judgeSetUp(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  return sheet.steps.map((step) => {
    const record = stepRecord(step, entries);
    const { entry, share, reason } = judgeStep(sheet, record, scheme);
    return {
      id: `step:${step.id}`,
      title: step.title,
      evidence: entry === null ? [] : [entry.id],
      share,
      reason,
    };
  });
}

/**
 * Before the first cut stands what had not been struck out by then: a strike-out that came later is evidence, no
 * correction. Steps after the scratch are judged by all that stands.
 */
export function stepRecord(step: SheetStep, entries: readonly Entry[]): StepRecord {
  const live = standingEntries(entries);
  const mine = (entry: Entry): entry is StepEntry =>
    (isKind('step')(entry) || isKind('sign-off')(entry)) && entry.content.stepId === step.id;
  const firstCut = entries.findIndex((entry) => isKind('pass')(entry) && live.includes(entry));
  if (firstCut < 0 || step.when !== 'before-cutting')
    return { step, before: withoutTakenBack(step, live).filter(mine), after: [], cut: firstCut >= 0 };
  return {
    step,
    before: withoutTakenBack(step, standingEntries(entries.slice(0, firstCut))).filter(mine),
    after: live.filter((entry) => entries.indexOf(entry) > firstCut).filter(mine),
    cut: true,
  };
}

function judgeStep(
  sheet: Sheet,
  { step, before, after }: StepRecord,
  { judging }: Scheme,
): { entry: StepEntry | null; share: number; reason: string } {
  const inForce = before.at(-1) ?? null;
  const later = after.at(-1) ?? null;
  const verdict = (entry: StepEntry) => verdictOf(sheet, step, entry);
  const isRight = (entry: StepEntry) => verdict(entry) !== 'wrong' && verdict(entry) !== 'not-done';
  if (inForce !== null && isRight(inForce)) {
    const wasWrong = before.some((entry) => !isRight(entry));
    const figures = figuresOf(sheet, step, inForce);
    if (wasWrong)
      return {
        entry: inForce,
        share: judging.corrected,
        reason: `Right, corrected before it mattered: ${figures}.`,
      };
    return {
      entry: inForce,
      share: 1,
      reason: howWords(inForce) ?? (figures === '' ? 'Done in its place.' : `Right: ${figures}.`),
    };
  }
  const entry = later ?? inForce;
  if (entry === null)
    return {
      entry,
      share: 0,
      reason: step.kind === 'sign-off' ? 'Cut without the instructor’s look.' : 'Not recorded.',
    };
  const figures = figuresOf(sheet, step, entry);
  if (verdict(entry) === 'not-done') return { entry, share: 0, reason: howWords(entry) ?? 'Not done.' };
  if (!isRight(entry)) return { entry, share: 0, reason: `Out of limits: ${figures}.` };
  return {
    entry,
    share: judging.late,
    reason: `Recorded only after the first cut${figures === '' ? '' : `: ${figures}`}.`,
  };
}

/** A signature after which the step was sent back is none. */
function withoutTakenBack(step: SheetStep, live: readonly Entry[]): Entry[] {
  const back = live.findLastIndex((entry) => isKind('sent-back')(entry) && entry.content.stepId === step.id);
  return live.filter((entry, index) => index > back || !isKind('sign-off')(entry));
}

/** What became of a step that was not simply done. */
export function howWords({ content }: StepEntry): string | null {
  if (content.kind === 'sign-off' || content.how === 'done') return null;
  switch (content.how) {
    case 'found':
      return 'Found set, and checked.';
    case 'by-other':
      return `Done by ${content.said}.`;
    case 'stands':
      return `Stands from try ${content.fromTry ?? ''}.`;
    case 'not-done':
      return `Not done: ${content.said}.`;
  }
}

export function figuresOf(sheet: Sheet, { expected }: SheetStep, { content }: StepEntry): string {
  if (content.kind === 'sign-off') return '';
  const { value, choice, count } = content;
  if (value === null && choice !== null) return choice;
  if (count !== null) return `${count} times`;
  if (expected === null || value === null) return '';
  const figures = `${showStepValue(value, expected.unit)}, expected ${showExpected(expected)}`;
  const beyond = expected.unit === 'rpm' && value > (expected.max ?? Infinity);
  const left = timeAt(sheet, value);
  return beyond && left !== null ? `${figures}; ${left.toFixed(1)} s left in the run-out` : figures;
}

/** A step with a cap in the scheme that was not recorded before the first cut. */
export function criticalBreach({ steps }: Sheet, entries: readonly Entry[], scheme: Scheme): MarkCap | null {
  const breaches = steps.flatMap((step) => {
    const cap = scheme.caps.find(({ id }) => id === `step:${step.id}`);
    if (cap === undefined) return [];
    const { before, cut } = stepRecord(step, entries);
    const done = before.filter(({ content }) => content.kind === 'sign-off' || content.how !== 'not-done');
    return cut && done.length === 0 ? [{ most: cap.most, title: step.title }] : [];
  });
  const worst = breaches.sort((a, b) => a.most - b.most)[0];
  return worst === undefined
    ? null
    : {
        most: worst.most,
        reason: `“${worst.title}” was not recorded before the first cut: at most ${worst.most}.`,
      };
}
