'use client';

import { useState } from 'react';
import { CircleAlert } from 'lucide-react';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { StepProgress } from '@/core/exercise/record/state/step-progress';
import { showExpected, showStepValue } from '@/core/exercise/sheet/show-value';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { StandingMark } from '@/ui/kit/state-mark';
import type { AttemptRecord } from './use-record';
import { useKept } from '@/ui/shell/kept';
import { useSay } from '@/ui/kit/shop-words';
import { useTouch } from '@/ui/shell/touch';
import { LooksPicker } from './looks-picker';
import { OrderPicker } from '../worksheet/order-picker';
import { SettingsPicker } from './settings-picker';
import { standingOf } from './standing-of';
import { StepOtherwise } from './step-otherwise';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { EarlierTry } from '@/core/exercise/record/shown/earlier-try';
import { standsStill, stoodBefore, stoodText } from './earlier-try';
import { COMPOUND } from '@/core/exercise/record/state/compound-as-set';
import { byWhat, byWhatSaid } from '@/core/exercise/record/entry/by-what';
import { Chips } from './chips';
import { plannedZero, ZeroChoice, type ZeroTaken } from './zero-choice';

/** One step, large: what to do, what is expected where it is shown, and the place for what was really set or done. */
export function StepPanel({
  progress,
  sheet,
  earlier = null,
  canRecord,
  canSignOff,
  add,
  onDone,
}: {
  progress: StepProgress;
  sheet: Pick<Sheet, 'thread' | 'way' | 'feed'>;
  earlier?: EarlierTry | null;
  canRecord: boolean;
  canSignOff: boolean;
  add: AttemptRecord['add'];
  onDone: () => void;
}) {
  const { step, entry, verdict, signed } = progress;
  const lost = useTouch().since !== null;
  const [value, setValue] = useKept(`step-${step.id}`, '');
  const [problem, setProblem] = useState<string | undefined>();
  const asksZero = step.id === 'touch-off' && step.kind === 'confirm';
  const [zero, setZero] = useState<ZeroTaken>(() => plannedZero(sheet));
  const showsValue =
    step.expected !== null &&
    step.heldBack !== true &&
    (step.shows === 'shown' || (step.shows === 'after-entry' && entry !== null));

  const ways = step.kind === 'confirm' ? byWhat(step.id) : [];
  const [by, setBy] = useState<Record<string, string>>({});
  const used = byWhatSaid(step.id, by);
  const stood = verdict === 'open' ? stoodBefore(earlier, step.id) : null;

  async function record(fields: EntryFields = {}) {
    const base: EntryFields =
      step.kind === 'sign-off'
        ? { kind: 'sign-off', stepId: step.id }
        : {
            kind: 'step',
            stepId: step.id,
            value,
            count: value,
            ...(asksZero && zero),
            ...(used !== '' && { choice: used }),
          };
    const added = await add({ ...base, ...fields });
    if (added.ok) {
      setValue('');
      setProblem(undefined);
      onDone();
    } else {
      setProblem(
        added.fields.value ?? added.fields.said ?? added.fields.choice ?? added.fields.count ?? added.message,
      );
    }
  }

  const typed = step.kind === 'value' || step.kind === 'counted';
  const toSign = step.hold && step.kind !== 'sign-off' && !signed;
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
      {step.caution !== null && <Caution text={step.caution} />}
      {showsValue && step.expected !== null && (
        <p>
          <span className="label block text-ink-soft">Expected</span>
          <span className="figures text-2xl font-medium">{showExpected(step.expected)}</span>
        </p>
      )}
      {step.expected !== null && !showsValue && (
        <p className="text-ink-soft">
          {step.shows === 'after-entry'
            ? 'What is expected shows after your entry.'
            : 'Your own figure is asked for.'}
        </p>
      )}
      <Recorded progress={progress} />
      {progress.sentBack !== null && (
        <Message tone="error">
          {`Sent back by ${progress.sentBack.author.name}: ${progress.sentBack.content.reason}`}
        </Message>
      )}
      {(step.kind === 'sign-off' || toSign) && !canSignOff && (
        <Message tone="warning">
          {lost
            ? 'There is no network: nobody sees that you wait here. A signature needs the network; fetch somebody.'
            : `The floor sees that you wait here. ${step.helper ? 'The instructor or a helper signs' : 'Only the instructor signs'} this off.`}
        </Message>
      )}
      {canRecord && (step.kind !== 'sign-off' || canSignOff) && (
        <div className="grid max-w-xl gap-3">
          {typed && (
            <Field
              size="bench"
              label={labelOf(step)}
              unit={step.kind === 'counted' ? 'times' : step.expected?.unit}
              inputMode="decimal"
              value={value}
              error={problem}
              onChange={(event) => setValue(event.target.value)}
              autoFocus
            />
          )}
          {step.kind === 'choice' && (
            <div role="group" aria-label="What is set" className="grid grid-cols-2 gap-2">
              {step.choices.map((each) => (
                <Button key={each} size="bench" onClick={() => void record({ choice: each })}>
                  {each}
                </Button>
              ))}
            </div>
          )}
          {step.kind === 'order' && (
            <OrderPicker choices={step.choices} onDone={(order) => void record({ choice: order })} />
          )}
          {step.kind === 'settings' && (
            <SettingsPicker step={step} onDone={(set) => void record({ choice: set })} />
          )}
          {step.kind === 'looks' && (
            <LooksPicker looks={step.choices} onDone={(seen) => void record({ choice: seen })} />
          )}
          {stood !== null && (
            <Button size="bench" onClick={() => void record(standsStill(stood.of, stood.step))}>
              {`Read again, still ${stoodText(step, stood.step) ?? 'as it was'} (try ${stood.of.tryNumber})`}
            </Button>
          )}
          {ways.map(({ asks, options }) => (
            <Chips
              key={asks}
              label={`${asks} (if you like)`}
              chosen={by[asks] ?? ''}
              options={options.map((id) => ({ id, text: id }))}
              onChoose={(id) => setBy((before) => ({ ...before, [asks]: before[asks] === id ? '' : id }))}
            />
          ))}
          {asksZero && <ZeroChoice unit={sheet.thread.unit} value={zero} onChoose={setZero} />}
          {(typed || step.kind === 'confirm' || step.kind === 'sign-off') && (
            <Button tone="main" size="bench" type="submit" autoFocus={!typed}>
              {typed ? 'Record' : step.kind === 'sign-off' ? 'I have looked: go on' : 'Done'}
            </Button>
          )}
          {!typed && problem !== undefined && <Message tone="error">{problem}</Message>}
          {step.kind !== 'sign-off' && (
            <StepOtherwise
              step={step}
              value={value}
              mayBeUnused={step.id === COMPOUND && sheet.feed.slide === 'compound'}
              onRecord={(fields) => void record(fields)}
            />
          )}
        </div>
      )}
      {toSign && canSignOff && canRecord && (
        <div>
          <Button
            size="bench"
            onClick={() =>
              void add({ kind: 'sign-off', stepId: step.id }).then((added) => added.ok && onDone())
            }
          >
            I have looked: go on
          </Button>
        </div>
      )}
    </form>
  );
}

function labelOf(step: SheetStep): string {
  if (step.kind === 'counted') return `Succeeded, of ${step.times ?? 1} wanted`;
  return step.expected?.unit === 'rpm' || step.expected?.unit === '°' ? 'Set' : 'Set or measured';
}

function Recorded({ progress: { step, entry, verdict } }: { progress: StepProgress }) {
  if (entry === null) return null;
  const { content } = entry;
  const value =
    content.kind === 'step' && content.value !== null && step.expected !== null
      ? showStepValue(content.value, step.expected.unit)
      : content.kind === 'step'
        ? (content.choice ?? (content.count === null ? null : `${content.count} times`))
        : null;
  const became =
    content.kind === 'sign-off'
      ? 'looked at'
      : {
          done: 'done',
          found: 'found set, checked',
          'by-other': `done by ${content.said}`,
          'not-done': `not done: ${content.said}`,
          stands: `stands from try ${content.fromTry ?? ''}`,
        }[content.how];
  return (
    <p className="text-lg">
      <span className="label block text-ink-soft">Recorded</span>
      <span className="figures">{value ?? became}</span>
      {value !== null && became !== 'done' && `, ${became}`} by {entry.author.name}
      {step.heldBack === true && verdict === 'open' && (
        <span className="ml-2 text-brass">not judged yet: that needs the network</span>
      )}
      {verdict === 'wrong' && (
        <strong className="ml-2 text-nogo">outside the limits: set it again and record it again</strong>
      )}
    </p>
  );
}

function Caution({ text }: { text: string }) {
  const say = useSay();
  return (
    <p className="flex max-w-xl gap-2 border-l-4 border-brass bg-brass-wash p-3">
      <CircleAlert aria-hidden className="mt-0.5 size-5 shrink-0 text-brass" />
      <span>
        {say(text)}
        {!text.includes('shop’s rules') && (
          <span className="block text-sm text-ink-soft">
            Follow your shop’s rules, the machine’s manual and local law; a qualified instructor decides.
          </span>
        )}
      </span>
    </p>
  );
}
