import type { EntryOf } from '../../../record/entry/entry';
import { meets, type SheetStep } from '../../../sheet/sheet-step';
import { wantedChoice } from '../../../sheet/wanted-choice';
import type { Sheet } from '../../../sheet/sheet';
import { timeLeft } from '@/core/machine/technique/speed-limit';

export type StepEntry = EntryOf<'step'> | EntryOf<'sign-off'>;

/** How a recorded step stands against the sheet. Speed is judged by the time that it leaves, not by the figure. */
export function verdictOf(
  sheet: Sheet,
  step: SheetStep,
  { content }: StepEntry,
): 'done' | 'right' | 'wrong' | 'not-done' {
  if (content.kind === 'sign-off') return 'done';
  if (content.how === 'not-done') return 'not-done';
  const { choice, count, value } = content;
  const rightOrWrong = (right: boolean) => (right ? 'right' : 'wrong');
  if (step.kind === 'order' && choice !== null)
    return rightOrWrong(parted(choice).join(';') === step.choices.join(';'));
  if (step.kind === 'settings' && choice !== null) return rightOrWrong(choice === wantedChoice(step));
  if (step.kind === 'looks' && choice !== null)
    return rightOrWrong(step.choices.every((look) => parted(choice).includes(look)));
  if (step.kind === 'counted' && count !== null) return rightOrWrong(count >= (step.times ?? 1));
  if (step.expected === null || value === null) return 'done';
  if (meets(step.expected, value)) return 'right';
  return rightOrWrong(step.expected.unit === 'rpm' && leavesTime(sheet, value));
}

/** Seconds that are left to the hand at a speed; null where nothing limits it. */
export function timeAt({ speed, thread }: Sheet, rpm: number): number | null {
  return timeLeft(speed.limit, thread.lead, rpm);
}

function leavesTime(sheet: Sheet, rpm: number): boolean {
  const left = timeAt(sheet, rpm);
  return left === null || left >= sheet.speed.reactionSeconds - 1e-9;
}

const parted = (choice: string): string[] => choice.split(/\s*;\s*/);
