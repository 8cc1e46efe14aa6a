import { meets, wantedChoice, type Sheet, type SheetStep } from '../sheet';
import { maxRpm, timeLeft } from '../technique';
import { isKind, type Entry, type EntryOf } from './entry';

export type StepVerdict = 'open' | 'done' | 'right' | 'wrong' | 'not-done';

/** A step of the set-up with what was recorded for it; the latest standing entry is shown. */
export interface StepProgress {
  step: SheetStep;
  entry: EntryOf<'step'> | EntryOf<'sign-off'> | null;
  verdict: StepVerdict;
  /** Whether whoever may has looked at it, where it is a hold point. */
  signed: boolean;
}

type StepEntry = EntryOf<'step'> | EntryOf<'sign-off'>;

export const isStepEntry = (entry: Entry): entry is StepEntry =>
  isKind('step')(entry) || isKind('sign-off')(entry);

export function stepProgress(sheet: Sheet, step: SheetStep, live: readonly Entry[]): StepProgress {
  const mine = live.filter(isStepEntry).filter(({ content }) => content.stepId === step.id);
  const signed = mine.some(isKind('sign-off'));
  // The look of a hold point that has a record of its own stands beside that record.
  const entry = (step.kind === 'sign-off' ? mine : mine.filter(isKind('step'))).at(-1) ?? null;
  return { step, entry, signed, verdict: entry === null ? 'open' : stepVerdict(sheet, step, entry) };
}

/** How a recorded step stands against the sheet. Speed is judged by the time that it leaves, not by the figure. */
export function stepVerdict(
  sheet: Sheet,
  step: SheetStep,
  { content }: StepEntry,
): Exclude<StepVerdict, 'open'> {
  if (content.kind === 'sign-off') return 'done';
  if (content.how === 'not-done') return 'not-done';
  if (step.kind === 'order' && content.choice !== null)
    return content.choice.split(/\s*;\s*/).join(';') === step.choices.join(';') ? 'right' : 'wrong';
  if (step.kind === 'settings' && content.choice !== null)
    return content.choice === wantedChoice(step) ? 'right' : 'wrong';
  if (step.kind === 'looks' && content.choice !== null)
    return step.choices.every((look) => parted(content.choice).includes(look)) ? 'right' : 'wrong';
  if (step.kind === 'counted' && content.count !== null)
    return content.count >= (step.times ?? 1) ? 'right' : 'wrong';
  const { value } = content;
  if (step.expected === null || value === null) return 'done';
  if (meets(step.expected, value)) return 'right';
  return step.expected.unit === 'rpm' && leavesTime(sheet, value) ? 'right' : 'wrong';
}

/** Whether a speed leaves the reaction time of this technique. */
export function leavesTime(sheet: Sheet, rpm: number): boolean {
  const left = timeAt(sheet, rpm);
  return left === null || left >= sheet.speed.reactionSeconds - 1e-9;
}

/** Seconds that are left to the hand at a speed; null where nothing limits it. */
export function timeAt({ speed, thread }: Sheet, rpm: number): number | null {
  return timeLeft(speed.limit, thread.lead, rpm);
}

/** The highest speed that leaves the reaction time; null where nothing limits it. */
export function highestSpeed({ speed, thread }: Sheet): number | null {
  return maxRpm(speed.limit, thread.lead, speed.reactionSeconds);
}

const parted = (choice: string | null): string[] => (choice ?? '').split(/\s*;\s*/);
