'use client';

import Link from 'next/link';
import { useMemo, useState } from 'react';
import { deriveAttempt, liveEntries, type Entry } from '@/core/attempt';
import { derivePlan, type Plan } from '@/core/plan';
import { showStepValue } from '@/core/steps';
import { Button, buttonClass } from '../kit/button';
import { Dialog } from '../kit/dialog';
import { Field } from '../kit/field';
import { StageRail, type RailStage } from '../kit/stage-rail';
import { StateMark } from '../kit/state-mark';
import { Tabs } from '../kit/tabs';
import { useToast } from '../kit/toast';
import { Header } from '../shell/header';
import { KeptUnder, useKept } from '../shell/kept';
import { AttemptStrip } from './attempt-strip';
import { MeasurePanel } from './measure-panel';
import { PassPanel } from './pass-panel';
import { RecordList } from './record-list';
import { standingOf } from './standing-of';
import { StepPanel } from './step-panel';
import { useRecord } from './use-record';

export interface AttemptViewProps {
  attemptId: number;
  plan: Plan;
  student: string;
  tryNumber: number;
  revision: number;
  entries: Entry[];
  marked: boolean;
  who: { id: number; name: string; role: 'instructor' | 'student' };
}

const PASSES = 'passes';

/** An attempt at the lathe: rail of steps, the present step or pass in large figures, measuring and record beside it. */
export function AttemptView({
  attemptId,
  plan,
  student,
  tryNumber,
  revision,
  entries: first,
  marked: firstMarked,
  who,
}: AttemptViewProps) {
  const derived = useMemo(() => derivePlan(plan), [plan]);
  const record = useRecord(attemptId, first, firstMarked);
  const { entries, marked } = record;
  const progress = useMemo(() => deriveAttempt(derived, entries, marked), [derived, entries, marked]);
  const instructor = who.role === 'instructor';
  const handedIn = progress.state === 'waiting';
  const canRecord = !marked && (instructor || !handedIn);
  const [chosen, setChosen] = useState<string | null>(null);
  const [side, setSide] = useState('measure');
  const present = chosen ?? presentStep(progress);
  const step = progress.steps.find((candidate) => candidate.step.id === present);

  const keys = useMemo(
    () => [
      { key: 'p', does: 'Next pass', run: () => setChosen(PASSES) },
      {
        key: 's',
        does: 'Next open step',
        run: () =>
          setChosen(
            progress.steps.find(({ verdict }) => verdict === 'open' || verdict === 'wrong')?.step.id ??
              PASSES,
          ),
      },
      { key: 'm', does: 'Measure', run: () => setSide('measure') },
      { key: 'r', does: 'Record', run: () => setSide('record') },
    ],
    [progress.steps],
  );

  const stages: RailStage<string>[] = [
    ...progress.steps.map(({ step: each, entry, verdict }): RailStage<string> => {
      const value =
        entry?.content.kind === 'step' && entry.content.value !== null && each.expected !== null
          ? showStepValue(entry.content.value, each.expected.unit)
          : null;
      return {
        id: each.id,
        title: each.title,
        result:
          value ??
          (verdict === 'open'
            ? each.kind === 'sign-off'
              ? 'hold point'
              : 'open'
            : each.kind === 'sign-off'
              ? 'signed off'
              : 'done'),
        standing: verdict === 'open' && each.kind === 'sign-off' ? 'attend' : standingOf(verdict),
      };
    }),
    {
      id: PASSES,
      title: 'Passes',
      result: `${progress.cut.length} cut of ${derived.passes.length}`,
      standing: progress.next === null ? 'good' : 'open',
    },
  ];

  return (
    <KeptUnder name={`attempt-${attemptId}`}>
      <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_auto_minmax(0,1fr)]">
        <Header who={who} title={`${plan.title}: ${student}`} keys={keys}>
          <StateMark state={progress.state} />
          <span className="text-sm text-ink-soft tablet:hidden">
            try {tryNumber} · revision {revision}
          </span>
        </Header>
        <AttemptStrip derived={derived} progress={progress} />
        <main className="grid min-h-0 grid-cols-[14.5rem_minmax(0,1fr)_22rem] tablet:grid-cols-[11.5rem_minmax(0,1fr)_19rem]">
          <StageRail
            dense
            label="Set-up in the order of work"
            stages={stages}
            chosen={present}
            onChoose={setChosen}
          />
          <div className="min-h-0 overflow-y-auto bg-paper-raised">
            {step === undefined ? (
              <PassPanel
                derived={derived}
                progress={progress}
                canRecord={canRecord}
                add={record.add}
                onScratch={() => setChosen(null)}
              />
            ) : (
              <StepPanel
                key={step.step.id}
                progress={step}
                canRecord={canRecord}
                canSignOff={instructor}
                add={record.add}
                onDone={() => setChosen(null)}
              />
            )}
          </div>
          <div className="flex min-h-0 flex-col border-l border-rule bg-paper">
            <div className="min-h-0 flex-1">
              <Tabs
                label="Measure and record"
                value={side}
                onChange={setSide}
                tabs={[
                  {
                    id: 'measure',
                    title: 'Measure',
                    content: (
                      <MeasurePanel
                        derived={derived}
                        progress={progress}
                        canRecord={canRecord}
                        add={record.add}
                      />
                    ),
                  },
                  {
                    id: 'record',
                    title: `Record (${liveEntries(entries).length})`,
                    content: (
                      <>
                        {!marked && <NoteForm add={record.add} />}
                        <RecordList
                          derived={derived}
                          entries={entries}
                          onStrike={marked || !canRecord ? undefined : record.add}
                        />
                      </>
                    ),
                  },
                ]}
              />
            </div>
            <Foot
              attemptId={attemptId}
              state={progress.state}
              instructor={instructor}
              hasFinal={progress.final !== null}
              add={record.add}
            />
          </div>
        </main>
      </div>
    </KeptUnder>
  );
}

/** Where the work stands: the first open step before cutting, the pitch check after the scratch, else the passes. */
function presentStep(progress: ReturnType<typeof deriveAttempt>): string {
  const open = progress.steps.find(({ step, verdict }) => {
    if (verdict !== 'open') return false;
    return step.when === 'before-cutting' ? progress.cut.length === 0 : progress.cut.length > 0;
  });
  return open?.step.id ?? PASSES;
}

function NoteForm({ add }: { add: ReturnType<typeof useRecord>['add'] }) {
  const [text, setText] = useKept('note', '');
  const [problem, setProblem] = useState<string | undefined>();
  return (
    <form
      className="grid grid-cols-[1fr_auto] items-end gap-2 border-b border-rule p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void add({ kind: 'note', text }).then((added) => {
          if (added.ok) setText('');
          setProblem(added.ok ? undefined : (added.fields.text ?? added.message));
        });
      }}
    >
      <Field label="Note" value={text} error={problem} onChange={(event) => setText(event.target.value)} />
      <Button type="submit">Add</Button>
    </form>
  );
}

function Foot({
  attemptId,
  state,
  instructor,
  hasFinal,
  add,
}: {
  attemptId: number;
  state: string;
  instructor: boolean;
  hasFinal: boolean;
  add: ReturnType<typeof useRecord>['add'];
}) {
  const say = useToast();
  const [asking, setAsking] = useState(false);

  async function handIn() {
    const added = await add({ kind: 'hand-in' });
    setAsking(false);
    say(added.ok ? 'Handed in for marking.' : added.message, added.ok ? 'good' : 'bad');
  }

  return (
    <div className="flex flex-wrap gap-2 border-t border-rule p-3">
      {state !== 'waiting' && state !== 'marked' && (
        <Button
          tone="main"
          className="min-h-12 flex-1"
          disabled={state === 'not-begun'}
          onClick={() => (hasFinal ? void handIn() : setAsking(true))}
        >
          Hand in
        </Button>
      )}
      {(state === 'marked' || instructor) && (
        <Link
          href={`/attempts/${attemptId}/mark`}
          className={buttonClass(state === 'waiting' ? 'main' : 'plain', 'desk', 'min-h-12 flex-1')}
        >
          {state === 'marked' ? 'See the mark' : 'Mark'}
        </Link>
      )}
      <Link href={`/attempts/${attemptId}/card`} className={buttonClass('plain', 'desk', 'min-h-12')}>
        Card
      </Link>
      <Dialog
        open={asking}
        onOpenChange={setAsking}
        title="Hand in without a final measurement?"
        description="The result then earns no points. You can still measure first."
      >
        <div className="flex justify-end gap-2">
          <Button onClick={() => setAsking(false)}>Measure first</Button>
          <Button tone="main" onClick={() => void handIn()}>
            Hand in as it is
          </Button>
        </div>
      </Dialog>
    </div>
  );
}
