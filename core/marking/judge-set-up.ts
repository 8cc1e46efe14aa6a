import type { AttemptProgress, Entry, StepProgress } from '../attempt';
import { isKind } from '../attempt';
import { showExpected, showStepValue } from '../steps';
import type { Judgement, MarkCap } from './mark-line';

/** The mark is at most this after a critical breach; common practice, the instructor may lift it with a reason. */
export const CRITICAL_CAP = 40;

/** One line for each step: right, wrong, too late or missing. */
export function judgeSetUp(progress: AttemptProgress, live: readonly Entry[]): Judgement[] {
  const firstCut = live.findIndex(isKind('pass'));
  return progress.steps.map((stepProgress) => ({
    id: `step:${stepProgress.step.id}`,
    title: stepProgress.step.title,
    weight: stepProgress.step.weight,
    evidence: stepProgress.entry === null ? [] : [stepProgress.entry.id],
    ...judgeStep(stepProgress, isLate(stepProgress, live, firstCut)),
  }));
}

function isLate({ step, entry }: StepProgress, live: readonly Entry[], firstCut: number): boolean {
  return step.when === 'before-cutting' && entry !== null && firstCut >= 0 && live.indexOf(entry) > firstCut;
}

function judgeStep({ step, entry, verdict }: StepProgress, late: boolean): { share: number; reason: string } {
  if (entry === null)
    return {
      share: 0,
      reason: step.kind === 'sign-off' ? 'Cut without the instructor’s look.' : 'Not recorded.',
    };
  const { expected } = step;
  const value = entry.content.kind === 'step' ? entry.content.value : null;
  const figures =
    expected === null || value === null
      ? ''
      : `${showStepValue(value, expected.unit)}, expected ${showExpected(expected)}`;
  if (verdict === 'wrong') return { share: 0, reason: `Out of limits: ${figures}.` };
  if (late)
    return {
      share: 0.5,
      reason: `Recorded only after the first cut${figures === '' ? '' : `: ${figures}`}.`,
    };
  return { share: 1, reason: figures === '' ? 'Done in its place.' : `Right: ${figures}.` };
}

/** A critical step that is missing or came after the first cut. */
export function criticalBreach(progress: AttemptProgress, live: readonly Entry[]): MarkCap | null {
  const firstCut = live.findIndex(isKind('pass'));
  const breach = progress.steps.find(
    (candidate) =>
      candidate.step.critical &&
      firstCut >= 0 &&
      (candidate.entry === null || isLate(candidate, live, firstCut)),
  );
  if (breach === undefined) return null;
  return {
    most: CRITICAL_CAP,
    reason: `“${breach.step.title}” was not recorded before the first cut: at most ${CRITICAL_CAP}.`,
  };
}
