'use client';

import { reasonWords } from '@/core/exercise/record/advice/advice-sentence';
import type { Advice } from '@/core/exercise/record/advice/advice';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import {
  comesAgain,
  readFirst,
  type EarlierTry,
  type StoodBefore,
} from '@/core/exercise/record/shown/earlier-try';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { showStepValue } from '@/core/exercise/sheet/show-value';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';

/** What the try before said, until the first cut, and again when the same fault comes again. */
export function FromTryBefore({
  earlier,
  prediction,
  advice,
}: {
  earlier: EarlierTry | null;
  prediction: Prediction;
  advice: Advice;
}) {
  if (earlier === null) return null;
  const again = comesAgain(earlier, advice);
  if (prediction.cuts.length > 0 && !again) return null;
  const { tryNumber, how, cause, change, fault } = earlier;
  const ended =
    how === null ? '' : { accepted: 'handed in', scrapped: 'scrapped', 'given-up': 'given up' }[how];
  return (
    <section aria-label="From the try before" className="border-b border-rule bg-brass-wash p-3">
      <p>
        {again && fault !== null && (
          <strong>{`The same again as in try ${tryNumber}: ${reasonWords(fault)}. `}</strong>
        )}
        {!again &&
          `Try ${tryNumber}${ended === '' ? '' : ` was ${ended}`}. This one begins with a new blank. `}
        {cause !== '' && `You thought: ${cause}. `}
        {change !== '' && `You wanted to change: ${change}.`}
        {readFirst(earlier, prediction) !== null &&
          'Nobody knows yet what to change: first read again what stands on the machine.'}
      </p>
    </section>
  );
}

/** What stood on the machine in the try before, for one step: read again, it is one touch. */
export function stoodBefore(
  earlier: EarlierTry | null,
  stepId: string,
): { of: EarlierTry; step: StoodBefore } | null {
  const step = earlier?.steps.find((each) => each.stepId === stepId);
  return earlier === null || step === undefined ? null : { of: earlier, step };
}

/** How it read then; what was only done has no figure. */
export function stoodText(step: SheetStep, { value, choice, count }: StoodBefore): string | null {
  if (value !== null && step.expected !== null) return showStepValue(value, step.expected.unit);
  return choice ?? (count === null ? null : `${count} times`);
}

/** The entry of a step that was read again and stands as before. */
export function standsStill(
  { tryNumber }: EarlierTry,
  { stepId, value, choice, count }: StoodBefore,
): EntryFields {
  return {
    kind: 'step',
    stepId,
    how: 'stands',
    fromTry: String(tryNumber),
    ...(value !== null && { value: String(value) }),
    ...(choice !== null && { choice }),
    ...(count !== null && { count: String(count) }),
  };
}
