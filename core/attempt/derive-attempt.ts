import { radialDepthOf } from '../compound';
import type { DerivedPlan, PlannedPass } from '../plan';
import { meets, setupSteps, type SetupStep } from '../steps';
import { lengthIn, roundTo, type Length } from '../units';
import { attemptState, type AttemptState } from './attempt-state';
import { isKind, liveEntries, type Entry, type EntryOf } from './entry';
import { measuredThread, type MeasuredThread } from './measured-thread';

export type StepVerdict = 'open' | 'done' | 'right' | 'wrong';

/** A step of the set-up with what was recorded for it; the latest standing entry counts. */
export interface StepProgress {
  step: SetupStep;
  entry: EntryOf<'step'> | EntryOf<'sign-off'> | null;
  verdict: StepVerdict;
}

/** The remaining feed by the latest measurement, less what was fed since. */
export interface Remaining {
  measurement: EntryOf<'measurement'>;
  measured: MeasuredThread;
  radial: number;
  compound: number;
  /** Dial reading at which the target is reached, on a whole graduation; null before the first pass. */
  stopReading: Length | null;
}

/** Plan against record. All of it follows from (plan, entries, marked). */
export interface AttemptProgress {
  state: AttemptState;
  steps: StepProgress[];
  /** Passes cut, in the order of the record. */
  cut: EntryOf<'pass'>[];
  /** The compound's reading now. */
  reading: Length;
  next: PlannedPass | null;
  remaining: Remaining | null;
  final: { entry: EntryOf<'measurement'>; measured: MeasuredThread } | null;
}

export function deriveAttempt(
  derived: DerivedPlan,
  entries: readonly Entry[],
  isMarked: boolean,
): AttemptProgress {
  const live = liveEntries(entries);
  const cut = live.filter(isKind('pass'));
  const unit = derived.plan.dial.graduation.unit;
  const reading: Length = { value: cut.at(-1)?.content.reading ?? 0, unit };
  const final = live.filter(isKind('measurement')).findLast((entry) => entry.content.purpose === 'final');
  return {
    state: attemptState(entries, isMarked),
    steps: setupSteps(derived).map((step) => stepProgress(step, live)),
    cut,
    reading,
    next: nextPass(derived.passes, cut, reading.value),
    remaining: remainingFeed(derived, live),
    final: final === undefined ? null : { entry: final, measured: measuredThread(derived, final.content) },
  };
}

function stepProgress(step: SetupStep, live: readonly Entry[]): StepProgress {
  const entry = live
    .filter(
      (candidate): candidate is EntryOf<'step'> | EntryOf<'sign-off'> =>
        isKind('step')(candidate) || isKind('sign-off')(candidate),
    )
    .findLast((candidate) => candidate.content.stepId === step.id);
  if (entry === undefined) return { step, entry: null, verdict: 'open' };
  const value = entry.content.kind === 'step' ? entry.content.value : null;
  if (step.expected === null || value === null) return { step, entry, verdict: 'done' };
  return { step, entry, verdict: meets(step.expected, value) ? 'right' : 'wrong' };
}

/** The next planned pass that still goes deeper than the dial stands, or the next spring pass; null when all are cut. */
function nextPass(
  passes: readonly PlannedPass[],
  cut: readonly EntryOf<'pass'>[],
  reading: number,
): PlannedPass | null {
  const last = cut.at(-1)?.content.plannedPass ?? 0;
  return (
    passes.find(
      (pass) => pass.n > last && (pass.kind === 'spring' || pass.dialReading.value > reading + 1e-9),
    ) ?? null
  );
}

function remainingFeed(derived: DerivedPlan, live: readonly Entry[]): Remaining | null {
  const index = live.findLastIndex(isKind('measurement'));
  const measurement = live[index];
  if (measurement === undefined || !isKind('measurement')(measurement)) return null;
  const measured = measuredThread(derived, measurement.content);
  const graduation = derived.plan.dial.graduation;
  const cut = live.filter(isKind('pass'));
  const before = live.slice(0, index).findLast(isKind('pass'));
  const fedSince = (cut.at(-1)?.content.reading ?? 0) - (before?.content.reading ?? 0);
  const fedSinceInThread = lengthIn({ value: fedSince, unit: graduation.unit }, derived.thread.unit);
  const compound = measured.remainingCompound - fedSinceInThread;
  const radial = measured.remainingRadial - radialDepthOf(fedSinceInThread, derived.plan.compoundAngleDeg);
  return {
    measurement,
    measured,
    radial,
    compound,
    stopReading: before === undefined ? null : stopAt(before.content.reading),
  };

  function stopAt(readingThen: number): Length {
    const onDial = lengthIn(
      { value: measured.remainingCompound, unit: derived.thread.unit },
      graduation.unit,
    );
    const graduations = Math.round((readingThen + onDial) / graduation.value);
    return { value: roundTo(graduations * graduation.value, 6), unit: graduation.unit };
  }
}
