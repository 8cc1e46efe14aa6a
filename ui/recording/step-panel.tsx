'use client';

import { useState } from 'react';
import { CircleAlert } from 'lucide-react';
import type { EntryFields, StepProgress } from '@/core/record';
import { showExpected, showStepValue } from '@/core/sheet';
import { Button } from '../kit/button';
import { Field } from '../kit/field';
import { Message } from '../kit/message';
import { StandingMark } from '../kit/state-mark';
import type { AttemptRecord } from './use-record';
import { useKept } from '../shell/kept';
import { standingOf } from './standing-of';

/** One step of the set-up, large: what to do, what is expected, and the place for what was set. */
export function StepPanel({
  progress,
  canRecord,
  canSignOff,
  add,
  onDone,
}: {
  progress: StepProgress;
  canRecord: boolean;
  canSignOff: boolean;
  add: AttemptRecord['add'];
  onDone: () => void;
}) {
  const { step, entry, verdict } = progress;
  const [value, setValue] = useKept(`step-${step.id}`, '');
  const [problem, setProblem] = useState<string | undefined>();
  const recorded =
    entry?.content.kind === 'step' && entry.content.value !== null && step.expected !== null
      ? showStepValue(entry.content.value, step.expected.unit)
      : null;

  async function record() {
    const content: Record<StepProgress['step']['kind'], EntryFields> = {
      'sign-off': { kind: 'sign-off', stepId: step.id },
      confirm: { kind: 'step', stepId: step.id },
      value: { kind: 'step', stepId: step.id, value },
    };
    const added = await add(content[step.kind]);
    if (added.ok) {
      setValue('');
      setProblem(undefined);
      onDone();
    } else {
      setProblem(added.fields.value ?? added.message);
    }
  }

  return (
    <form
      className="grid max-w-3xl content-start gap-5 p-6 tablet:p-4"
      onSubmit={(event) => {
        event.preventDefault();
        void record();
      }}
    >
      <div className="flex items-center gap-3">
        <StandingMark standing={standingOf(verdict)} size={30} />
        <h2 className="text-4xl">{step.title}</h2>
      </div>
      <p className="text-xl leading-snug">{step.instruction}</p>
      {step.expected !== null && (
        <p>
          <span className="label block text-ink-soft">Expected</span>
          <span className="figures text-4xl font-medium tablet:text-3xl">{showExpected(step.expected)}</span>
        </p>
      )}
      {entry !== null && (
        <p className="text-lg">
          <span className="label block text-ink-soft">Recorded</span>
          <span className="figures">
            {recorded ?? (step.kind === 'sign-off' ? 'looked at' : 'done')}
          </span> by {entry.author.name}
          {verdict === 'wrong' && (
            <strong className="ml-2 text-nogo">outside the limits: set it again and record it again</strong>
          )}
        </p>
      )}
      {step.kind === 'sign-off' && !canSignOff && (
        <Message tone="warning">
          Call the instructor to the lathe. Only the instructor signs this off.
        </Message>
      )}
      {canRecord && (step.kind !== 'sign-off' || canSignOff) && (
        <div className="grid max-w-xl gap-3">
          {step.kind === 'value' && (
            <Field
              size="bench"
              label={step.expected?.unit === 'rpm' || step.expected?.unit === '°' ? 'Set' : 'Set or measured'}
              unit={step.expected?.unit}
              inputMode="decimal"
              value={value}
              error={problem}
              onChange={(event) => setValue(event.target.value)}
              autoFocus
            />
          )}
          <Button tone="main" size="bench" type="submit" autoFocus={step.kind !== 'value'}>
            {step.kind === 'value' ? 'Record' : step.kind === 'sign-off' ? 'I have looked: go on' : 'Done'}
          </Button>
          {step.kind !== 'value' && problem !== undefined && <Message tone="error">{problem}</Message>}
        </div>
      )}
      {step.caution !== null && (
        <p className="flex max-w-xl gap-2 border-l-4 border-brass bg-brass-wash p-3">
          <CircleAlert aria-hidden className="mt-0.5 size-5 shrink-0 text-brass" />
          <span>
            {step.caution}
            {!step.caution.includes('shop’s rules') && (
              <span className="block text-sm text-ink-soft">
                Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.
              </span>
            )}
          </span>
        </p>
      )}
    </form>
  );
}
