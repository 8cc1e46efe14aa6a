import { meets, type SheetStep } from '../../sheet/sheet-step';
import { wantedChoice } from '../../sheet/wanted-choice';
import type { Sheet } from '../../sheet/sheet';
import { maxRpm, timeLeft } from '@/core/machine/technique/speed-limit';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { allOf, placedOf } from '../entry/of-kind';
import { once } from '../entry/once';
import { kindOfEntry } from '../entry/read-stored-entry';

export type StepVerdict = 'open' | 'done' | 'right' | 'wrong' | 'not-done';

/** A step of the set-up with what was recorded for it; the latest standing entry is shown. */
export interface StepProgress {
  step: SheetStep;
  entry: EntryOf<'step'> | EntryOf<'sign-off'> | null;
  verdict: StepVerdict;
  /** Whether whoever may has looked at it, where it is a hold point, and found it right. */
  signed: boolean;
  /** Why it was sent back, as long as nothing was done about it; null otherwise. */
  sentBack: EntryOf<'sent-back'> | null;
}

type StepEntry = EntryOf<'step'> | EntryOf<'sign-off'>;

type Look = EntryOf<'sign-off'> | EntryOf<'sent-back'>;

interface ByStep {
  steps: ReadonlyMap<string, EntryOf<'step'>>;
  /** Of stops too, by their own id. */
  looks: ReadonlyMap<string, Look>;
}

/** A record is asked for each of its steps: what was last entered for each is found in one go. */
const byStep = once((live: readonly Entry[]): ByStep => {
  const [signed, back] = [placedOf(live, 'sign-off'), placedOf(live, 'sent-back')];
  const looks = [
    ...signed.entries.map((entry, index) => ({ entry, at: signed.places[index] ?? 0 })),
    ...back.entries.map((entry, index) => ({ entry, at: back.places[index] ?? 0 })),
  ].toSorted((one, other) => one.at - other.at);
  return {
    steps: new Map(allOf(live, 'step').map((entry) => [entry.content.stepId, entry])),
    looks: new Map(
      looks.flatMap(({ entry }): [string, Look][] =>
        entry.content.stepId === null ? [] : [[entry.content.stepId, entry]],
      ),
    ),
  };
});

export function stepProgress(sheet: Sheet, step: SheetStep, live: readonly Entry[]): StepProgress {
  const { steps, looks } = byStep(live);
  const look = looks.get(step.id) ?? null;
  const signed = look !== null && isKind('sign-off')(look);
  // The look of a hold point that has a record of its own stands beside that record.
  const entry = step.kind === 'sign-off' ? (signed ? look : null) : (steps.get(step.id) ?? null);
  return {
    step,
    entry,
    signed,
    sentBack: sentBackOf(step.id, live),
    verdict: entry === null ? 'open' : judgedHere(sheet, step, entry),
  };
}

/** What the server holds back it judges itself: until then such a step is open, and stands in the way where it is critical. */
function judgedHere(sheet: Sheet, step: SheetStep, entry: StepEntry): StepVerdict {
  if (step.heldBack !== true) return stepVerdict(sheet, step, entry);
  return step.judged?.entryId === entry.id ? step.judged.verdict : 'open';
}

/** The last look at a hold point: signed, or sent back; null when nobody has looked. */
export function lastLook(id: string, live: readonly Entry[]): Look | null {
  return byStep(live).looks.get(id) ?? null;
}

/** Why a hold point was sent back, as long as nothing was done about it; null otherwise. */
export function sentBackOf(id: string, live: readonly Entry[]): EntryOf<'sent-back'> | null {
  const look = lastLook(id, live);
  return look !== null && isKind('sent-back')(look) && !workedSince(look, live) ? look : null;
}

/** Whether another has done something, or asks again, since somebody looked. */
function workedSince(look: Entry, live: readonly Entry[]): boolean {
  return live
    .slice(live.indexOf(look) + 1)
    .some(
      (entry) =>
        entry.author.id !== look.author.id &&
        (kindOfEntry(entry)?.answersHold === true || (isKind('hand')(entry) && entry.content.raised)),
    );
}

/** How a recorded step stands against the sheet. Speed is judged by the time that it leaves, not by the figure. */
function stepVerdict(sheet: Sheet, step: SheetStep, { content }: StepEntry): Exclude<StepVerdict, 'open'> {
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
function leavesTime(sheet: Sheet, rpm: number): boolean {
  const left = timeAt(sheet, rpm);
  return left === null || left >= sheet.speed.reactionSeconds - 1e-9;
}

/** Seconds that are left to the hand at a speed; null where nothing limits it. */
function timeAt({ speed, thread }: Sheet, rpm: number): number | null {
  return timeLeft(speed.limit, thread.lead, rpm);
}

/** The highest speed that leaves the reaction time; null where nothing limits it. */
export function highestSpeed({ speed, thread }: Sheet): number | null {
  return maxRpm(speed.limit, thread.lead, speed.reactionSeconds);
}

const parted = (choice: string | null): string[] => (choice ?? '').split(/\s*;\s*/);
