import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import { wantedChoice } from '@/core/exercise/sheet/wanted-choice';
import { typedText } from './typed-text';

/** A step as it is wanted, in the fields of its form. */
export function wantedStep(step: SheetStep): EntryFields {
  return {
    kind: 'step',
    stepId: step.id,
    value: step.expected === null ? '' : String(step.expected.value),
    choice: wantedChoice(step) ?? (step.kind === 'choice' ? (step.choices[0] ?? '') : ''),
    count: step.kind === 'counted' ? String(step.times ?? 1) : '',
  };
}

/** A step as a story tells it; what it leaves out is as wanted. */
export function stepFields(
  step: SheetStep,
  { value, choice }: Readonly<Record<string, unknown>>,
): EntryFields {
  return {
    ...wantedStep(step),
    ...(value === undefined ? {} : { value: typedText(value) }),
    ...(choice === undefined ? {} : { choice: typedText(choice) }),
  };
}
