'use client';

import { useState } from 'react';
import { identifyThread, type ThreadCandidate } from '@/core/thread/identify/identify-thread';
import { formOfPlan } from '@/core/exercise/plan/form-of-plan';
import { readStoredPlan } from '@/core/exercise/plan/plan';
import { startWith, STARTERS, wayOnly } from '@/core/exercise/plan/starters';
import type { PlanForm } from '@/core/exercise/plan/draft';
import { parseFigures, parseLength } from '@/core/base/units/parse-length';
import { Button } from '@/ui/kit/button';
import { Choice } from '@/ui/kit/choice';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { ask } from '@/ui/shell/ask';
import { useSay } from '@/ui/kit/shop-words';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';

/** An exercise of the shop that was handed out. */
export interface OtherExercise {
  id: number;
  title: string;
  thread: string;
}

/** What a new exercise can begin with: a way of working, an exercise of the shop, or an existing part. */
export default function BeginWith({ others }: { others: readonly OtherExercise[] }) {
  const { form, values } = usePlanning();
  const say = useSay();
  const [chosen, setChosen] = useState('usual');
  const typed = { title: values.title, thread: values.thread };
  const take = (next: PlanForm) => form.reset(next, { keepDefaultValues: true, keepFieldsRef: true });
  return (
    <div className="grid gap-5">
      <section aria-label="A way of working" className="grid gap-2">
        <h2 className="text-2xl">Begin with a way of working</h2>
        <div className="grid grid-cols-2 gap-2">
          {STARTERS.map((starter) => (
            <button
              key={starter.id}
              type="button"
              aria-pressed={chosen === starter.id}
              onClick={() => {
                setChosen(starter.id);
                take(startWith(starter, typed));
              }}
              className="grid content-start gap-0.5 rounded-cut border border-rule-strong bg-paper p-2 text-left aria-pressed:border-dye aria-pressed:bg-dye aria-pressed:text-scribe"
            >
              <span className="font-medium">{say(starter.name)}</span>
              <span className="text-sm opacity-80">{say(starter.says)}</span>
            </button>
          ))}
        </div>
        <p className="text-sm text-ink-soft">
          Then type exercise and thread at the right: everything else is proposed.
        </p>
      </section>
      {others.length > 0 && <CopyOf others={others} onTake={take} />}
      <ExistingPart />
    </div>
  );
}

function CopyOf({ others, onTake }: { others: readonly OtherExercise[]; onTake: (form: PlanForm) => void }) {
  const { values } = usePlanning();
  const [problem, setProblem] = useState<string | null>(null);

  async function copy(id: number, whole: boolean) {
    const sent = await ask<unknown>(`/api/exercises/${id}/plan`);
    if (!sent.ok) return setProblem(sent.message);
    try {
      const form = formOfPlan(readStoredPlan(sent.value));
      onTake(whole ? form : wayOnly(form, { title: values.title, thread: values.thread }));
      setProblem(null);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : 'This plan can not be read.');
    }
  }

  return (
    <section aria-label="An exercise of the shop" className="grid gap-2">
      <h2 className="text-2xl">or with an exercise of the shop</h2>
      <ul className="grid gap-1">
        {others.map(({ id, title, thread }) => (
          <li key={id} className="flex flex-wrap items-center gap-2 border-b border-rule py-1">
            <span className="min-w-0 flex-1">
              {title} <span className="figures text-sm text-ink-soft">{thread}</span>
            </span>
            <Button onClick={() => void copy(id, false)} aria-label={`Way of working of ${title}`}>
              Its way of working
            </Button>
            <Button onClick={() => void copy(id, true)} aria-label={`Copy of ${title}`}>
              Copy
            </Button>
          </li>
        ))}
      </ul>
      {problem !== null && <Message tone="error">{problem}</Message>}
    </section>
  );
}

/** A measured diameter and pitch give candidate threads; one touch takes one. */
function ExistingPart() {
  const { form } = usePlanning();
  const [unit, setUnit] = useState<'in' | 'mm'>('in');
  const [side, setSide] = useState<'external' | 'internal'>('external');
  const [diameter, setDiameter] = useState('');
  const [pitch, setPitch] = useState('');
  const [problem, setProblem] = useState<{ field: string; message: string } | null>(null);
  const [found, setFound] = useState<ThreadCandidate[] | null>(null);

  function look() {
    const size = parseLength('diameter', diameter, unit);
    const tpi = /^\s*([\d./ ]+)\s*tpi\s*$/i.exec(pitch);
    const typed =
      tpi === null ? parseLength('pitch', pitch, unit) : parseFigures('pitch', tpi[1]?.trim() ?? '');
    for (const [field, read] of [
      ['diameter', size],
      ['pitch', typed],
    ] as const)
      if (!read.ok) return setProblem({ field, message: read.issues[0]?.message ?? '' });
    if (!size.ok || !typed.ok) return;
    const value =
      typeof typed.value === 'number' ? (unit === 'in' ? 1 : 25.4) / typed.value : typed.value.length.value;
    setProblem(null);
    const measured = size.value.length.value;
    setFound(
      identifyThread({
        side,
        unit,
        crest: measured,
        root: null,
        pitch: value,
        uncertainty: unit === 'in' ? 0.002 : 0.05,
      }),
    );
  }

  return (
    <section aria-label="An existing part" className="grid gap-2">
      <h2 className="text-2xl">or with an existing part</h2>
      <form
        className="grid grid-cols-[1fr_1fr_auto] items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          look();
        }}
      >
        <Choice
          label="Measured in"
          value={unit}
          columns={2}
          options={[
            { value: 'in', text: 'inch' },
            { value: 'mm', text: 'mm' },
          ]}
          onChange={(value) => setUnit(value === 'mm' ? 'mm' : 'in')}
        />
        <Choice
          label="It is"
          value={side}
          columns={2}
          options={[
            { value: 'external', text: 'a screw' },
            { value: 'internal', text: 'a nut' },
          ]}
          onChange={(value) => setSide(value === 'internal' ? 'internal' : 'external')}
        />
        <span />
        <Field
          label={side === 'external' ? 'Major diameter' : 'Bore'}
          unit={unit}
          value={diameter}
          error={problem?.field === 'diameter' ? problem.message : undefined}
          onChange={(event) => setDiameter(event.target.value)}
        />
        <Field
          label="Pitch, or such as 16 TPI"
          value={pitch}
          error={problem?.field === 'pitch' ? problem.message : undefined}
          onChange={(event) => setPitch(event.target.value)}
        />
        <Button type="submit">Which thread?</Button>
      </form>
      {found?.length === 0 && <p>No standard thread is near. Measure again, or type it as it is.</p>}
      {found !== null && found.length > 0 && (
        <ul className="grid gap-1">
          {found.map(({ thread, fits, reason }) => (
            <li key={thread} className="flex items-center gap-2 border-b border-rule py-1">
              <Button
                onClick={() =>
                  form.setValue('thread.designation', thread, { shouldDirty: true, shouldTouch: true })
                }
              >
                {thread}
              </Button>
              <span className="text-sm text-ink-soft">
                {fits ? '● ' : '○ '}
                {reason}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
