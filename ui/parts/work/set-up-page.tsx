'use client';

import { useState } from 'react';
import { maySign } from '@/core/exercise/record/entry/may-sign';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { Role } from '@/core/exercise/record/entry/entry';
import type { StepProgress } from '@/core/exercise/record/state/step-progress';
import { showExpected, showStepValue } from '@/core/exercise/sheet/show-value';
import { wantedChoice } from '@/core/exercise/sheet/wanted-choice';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { StandingMark } from '@/ui/kit/state-mark';
import { useKept } from '@/ui/shell/kept';
import { standingOf } from './standing-of';
import type { EarlierTry } from '@/core/exercise/record/shown/earlier-try';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import { standsStill, stoodBefore, stoodText } from './earlier-try';
import { plannedZero, ZeroChoice } from './zero-choice';
import type { AttemptRecord } from './use-record';

/** For a practised hand: the whole set-up as one page to tick. What was not done stays open, or is opened and said. */
export function SetUpPage({
  sheet,
  earlier,
  prediction,
  canRecord,
  role,
  add,
  onOpen,
}: {
  sheet: Sheet;
  earlier: EarlierTry | null;
  prediction: Prediction;
  canRecord: boolean;
  role: Role;
  add: AttemptRecord['add'];
  onOpen: (stepId: string) => void;
}) {
  const steps = prediction.steps.filter(({ step }) => step.when === 'before-cutting');
  return (
    <div className="grid content-start gap-1 p-4">
      <h2 className="text-3xl">Set-up</h2>
      <ul className="grid">
        {steps.map((progress) => (
          <Line
            key={progress.step.id}
            sheet={sheet}
            earlier={earlier}
            progress={progress}
            canRecord={canRecord && (progress.step.kind !== 'sign-off' || maySign(role, progress.step))}
            add={add}
            onOpen={onOpen}
          />
        ))}
      </ul>
    </div>
  );
}

function Line({
  sheet,
  earlier,
  progress: { step, entry, verdict },
  canRecord,
  add,
  onOpen,
}: {
  sheet: Sheet;
  earlier: EarlierTry | null;
  progress: StepProgress;
  canRecord: boolean;
  add: AttemptRecord['add'];
  onOpen: (stepId: string) => void;
}) {
  const [value, setValue] = useKept(`step-${step.id}`, '');
  const [problem, setProblem] = useState<string | undefined>();
  const [zero, setZero] = useState(() => plannedZero(sheet));
  const asksZero = step.id === 'touch-off' && step.kind === 'confirm';
  const shown =
    entry?.content.kind === 'step' && entry.content.value !== null && step.expected !== null
      ? showStepValue(entry.content.value, step.expected.unit)
      : null;

  const chosen = step.shows === 'shown' && step.kind !== 'order' ? wantedChoice(step) : null;

  const stood = verdict === 'open' ? stoodBefore(earlier, step.id) : null;

  async function tick(stands?: EntryFields) {
    const done: EntryFields =
      step.kind === 'sign-off'
        ? { kind: 'sign-off', stepId: step.id }
        : {
            kind: 'step',
            stepId: step.id,
            value,
            ...(chosen !== null && { choice: chosen }),
            ...(asksZero && zero),
          };
    const added = await add(stands ?? done);
    setProblem(added.ok ? undefined : (added.fields.value ?? added.message));
    if (added.ok) setValue('');
  }

  const simple =
    step.kind === 'confirm' || step.kind === 'value' || step.kind === 'sign-off' || chosen !== null;
  return (
    <li className="grid grid-cols-[2rem_minmax(0,1fr)_auto] items-center gap-2 border-b border-rule py-1">
      <StandingMark standing={standingOf(verdict)} size={22} />
      <button type="button" onClick={() => onOpen(step.id)} className="min-w-0 py-1 text-left">
        <span className="font-medium">{step.title}</span>{' '}
        <span className="figures text-sm text-ink-soft">
          {shown ?? (step.expected !== null && step.shows === 'shown' ? showExpected(step.expected) : '')}
        </span>
        <span className="block truncate text-sm text-ink-soft">{chosen ?? step.instruction}</span>
      </button>
      {canRecord && verdict !== 'right' && verdict !== 'done' && (
        <form
          className="flex items-end gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            void tick();
          }}
        >
          {step.kind === 'value' && (
            <Field
              className="w-36"
              labelHidden
              label={step.title}
              unit={step.expected?.unit}
              inputMode="decimal"
              value={value}
              error={problem}
              onChange={(event) => setValue(event.target.value)}
            />
          )}
          {asksZero && (
            <div className="w-56">
              <ZeroChoice folded unit={sheet.thread.unit} value={zero} onChoose={setZero} />
            </div>
          )}
          {stood !== null && (
            <Button className="min-h-12" onClick={() => void tick(standsStill(stood.of, stood.step))}>
              {`Still ${stoodText(step, stood.step) ?? 'so'}`}
            </Button>
          )}
          {simple ? (
            <Button
              type="submit"
              className="min-h-12"
              aria-label={`${step.kind === 'sign-off' ? 'Looked at' : 'Done'}: ${step.title}`}
            >
              {step.kind === 'sign-off' ? 'Looked' : '✓'}
            </Button>
          ) : (
            <Button className="min-h-12" onClick={() => onOpen(step.id)}>
              Open
            </Button>
          )}
        </form>
      )}
    </li>
  );
}
