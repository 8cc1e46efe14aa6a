'use client';

import { holdChoice } from '@/core/exercise/plan/hold-choice';
import { STEP_UNITS } from '@/core/exercise/plan/plan-names';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';
import { Select } from '@/ui/kit/select';
import { Tick } from '@/ui/kit/tick';
import { useFieldMessage, usePlanning, useStepChosen } from '../planning-context';
import { usePlannedSteps } from '../use-planned-steps';
import { useUnits } from './use-units';

/** The chosen step: its words, what is expected and shown, and what hangs on it. */
export function StepFields() {
  const { steps, change, remove, reset, arranged, ready, add } = usePlannedSteps();
  const { chosen, onChoose } = useStepChosen();
  const { values } = usePlanning();
  const at = steps.find(({ id }) => id === chosen) ?? steps[0];
  const index = values.steps.findIndex(({ id }) => id === at?.id);
  const titleMessage = useFieldMessage(`steps.${Math.max(0, index)}.title`);
  const choicesMessage = useFieldMessage(`steps.${Math.max(0, index)}.choices`);
  const leastMessage = useFieldMessage(`steps.${Math.max(0, index)}.least`);
  const mostMessage = useFieldMessage(`steps.${Math.max(0, index)}.most`);
  const { thread: unit } = useUnits();
  if (!ready)
    return <p className="text-sm text-ink-soft">Mend the other stages first: the steps follow from them.</p>;
  if (at === undefined) return <p>No step is left.</p>;
  const { id, step, typed } = at;
  const own = id.startsWith('own-');
  const set = (part: Parameters<typeof change>[1]) => change(id, part);
  const setCritical = (on: boolean) => set({ critical: on ? 'yes' : 'no' });
  return (
    <>
      <p className="text-sm text-ink-soft">
        Choose a step in the list, under “Drawing”; drag it there, or move it with Alt and the arrow keys.
      </p>
      <Field
        label="Title"
        value={typed.title}
        placeholder={step?.title ?? ''}
        error={own && index >= 0 ? titleMessage.error : undefined}
        onChange={(event) => set({ title: event.target.value })}
      />
      <label className="grid gap-1">
        <span className="label text-ink-soft">Words</span>
        <textarea
          className="min-h-24 rounded-cut border border-rule-strong bg-paper-raised p-2 text-base"
          value={typed.instruction}
          placeholder={step?.instruction ?? ''}
          maxLength={500}
          onChange={(event) => set({ instruction: event.target.value })}
        />
      </label>
      {own && (
        <>
          <Select
            label="Recorded as"
            value={typed.evidence === '' ? 'seen' : typed.evidence}
            options={[
              { value: 'seen', text: 'Seen' },
              { value: 'value', text: 'A value' },
              { value: 'choice', text: 'A choice' },
              { value: 'order', text: 'Put in order' },
              { value: 'counted', text: 'Counted' },
              { value: 'sign-off', text: 'Sign-off' },
            ]}
            onChange={(evidence) => set({ evidence })}
          />
          {(typed.evidence === 'choice' || typed.evidence === 'order') && (
            <Field
              label="Choices"
              value={typed.choices}
              note="Parted by semicolons; of an order, in the right one."
              error={index >= 0 ? choicesMessage.error : undefined}
              onChange={(event) => set({ choices: event.target.value })}
            />
          )}
          {typed.evidence === 'value' && (
            <div className="grid grid-cols-3 items-start gap-2">
              <Field
                label="Right from"
                value={typed.least}
                placeholder="open"
                error={index >= 0 ? leastMessage.error : undefined}
                onChange={(event) => set({ least: event.target.value })}
              />
              <Field
                label="to"
                value={typed.most}
                placeholder="open"
                error={index >= 0 ? mostMessage.error : undefined}
                onChange={(event) => set({ most: event.target.value })}
              />
              <Select
                label="in"
                value={typed.unit === '' ? unit : typed.unit}
                options={STEP_UNITS.map((value) => ({ value, text: value }))}
                onChange={(chosenUnit) => set({ unit: chosenUnit })}
              />
            </div>
          )}
          {typed.evidence === 'counted' && (
            <Field
              label="How often"
              value={typed.times}
              placeholder="3"
              onChange={(event) => set({ times: event.target.value })}
            />
          )}
        </>
      )}
      <Select
        label="When"
        value={typed.group === '' ? (step?.when ?? 'before-cutting') : typed.group}
        options={[
          { value: 'before-cutting', text: 'Before cutting' },
          { value: 'after-scratch', text: 'After the first cut' },
          { value: 'mid-course', text: 'In mid-course' },
          { value: 'after-cutting', text: 'After cutting' },
        ]}
        onChange={(group) => set({ group })}
      />
      {step?.expected != null && (
        <Choice
          label="The right value"
          stacked
          value={typed.expected === '' ? step.shows : typed.expected}
          options={[
            { value: 'shown', text: 'stands before the student' },
            { value: 'after-entry', text: 'shows after the entry' },
            { value: 'hidden', text: 'stays hidden' },
          ]}
          onChange={(expected) => set({ expected })}
        />
      )}
      <Tick
        label="Critical: wrong, it stands in the way of the cut"
        on={step?.critical ?? false}
        onSet={setCritical}
      />
      <Select
        label="Hold point: no cut before it is looked at"
        value={step === null || !step.hold ? 'no' : holdChoice(step)}
        options={[
          { value: 'no', text: 'none' },
          { value: 'yes', text: 'the instructor signs' },
          { value: 'helper', text: 'a helper may sign too' },
        ]}
        onChange={(hold) => set({ hold })}
      />
      <Field
        label="Weight in the set-up"
        value={typed.weight}
        placeholder="as usual"
        onChange={(event) => set({ weight: event.target.value })}
      />
      <div className="grid grid-cols-2 gap-2">
        {own ? (
          <Button onClick={() => remove(id)}>Take it out</Button>
        ) : (
          <Button onClick={() => set({ on: typed.on === 'no' ? '' : 'no' })}>
            {typed.on === 'no' ? 'Switch on' : 'Switch off'}
          </Button>
        )}
        <Button onClick={() => onChoose(add('New step'))}>Add a step</Button>
        {arranged && (
          <Button tone="quiet" onClick={reset}>
            All as proposed
          </Button>
        )}
      </div>
    </>
  );
}
