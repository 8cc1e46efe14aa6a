'use client';

import { useCallback, useMemo, useState } from 'react';
import { liveEntries } from '@/core/exercise/record/entry/entry';
import { maySign } from '@/core/exercise/record/entry/may-sign';
import { predict, type Prediction } from '@/core/exercise/record/state/predict';
import { recordLines } from '@/core/exercise/record/shown/record-lines';
import type { Phase } from '@/core/exercise/record/advice/advice';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import { notLookedOver } from '@/core/exercise/record/state/leading';
import { readFirst } from '@/core/exercise/record/shown/earlier-try';
import { presentOf, type Present } from '@/core/exercise/record/shown/present';

import { toMend } from '@/core/exercise/record/entry/block';
import { showStepValue } from '@/core/exercise/sheet/show-value';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button, buttonClass } from '@/ui/kit/button';
import { StageRail, type RailStage } from '@/ui/kit/stage-rail';
import { StateMark } from '@/ui/kit/state-mark';
import { Tabs } from '@/ui/kit/tabs';
import { fetchedPart } from '@/ui/kit/fetched-part';
import { PageLink } from '@/ui/kit/page-link';
import { Header } from '@/ui/shell/header';
import { KeptUnder } from '@/ui/shell/kept';
import { useRefresh } from '@/ui/shell/use-refresh';
import { AttemptStrip } from './attempt-strip';
import { RoomNote } from '@/ui/parts/work/room-note';
import { LatheFirst, WorksheetFirst } from './before-the-sheet';
import { HandButton } from '@/ui/parts/work/hand-button';
import { LathePanel } from '@/ui/parts/work/lathe-panel';
import { EndDialog } from '@/ui/parts/work/end-dialog';
import { RescueNow } from '@/ui/parts/work/rescue-now';
import { LateEntries } from '@/ui/parts/work/late-entries';
import { FromTryBefore } from '@/ui/parts/work/earlier-try';
import { NotKnownNote } from '@/ui/parts/work/not-known-note';
import { NoteForm } from '@/ui/parts/work/note-form';
import { PassPanel } from '@/ui/parts/work/pass-panel';
import { PlanFromLog } from './plan-from-log';
import { ProvePanel } from '@/ui/parts/work/prove-panel';
import { RecordList } from '@/ui/parts/work/record-list';
import { SetUpPage } from '@/ui/parts/work/set-up-page';
import { standingOf } from '@/ui/parts/work/standing-of';
import { StepPanel } from '@/ui/parts/work/step-panel';
import { useRecord } from '@/ui/parts/work/use-record';
import type { AttemptShown } from '@/ui/parts/work/attempt-shown';

const SentBack = fetchedPart(() => import('@/ui/parts/work/sent-back'), 'Sent back.');

const PASSES = 'passes';
const LATHE = 'lathe';
const SET_UP = 'set-up';
const MACHINE = 'machine';

const MachinePanel = fetchedPart(() => import('@/ui/parts/machine/machine-panel'), 'Looking at the machine…');

/** An attempt at the lathe: first the lathe, where there is a choice; then its steps and passes. */
export function AttemptView(props: AttemptShown) {
  return (
    <KeptUnder name={`attempt-${props.id}`}>
      {props.sheet !== null ? (
        <AtTheDesk {...props} sheet={props.sheet} />
      ) : props.worksheet?.open === false ? (
        <WorksheetFirst {...props} worksheet={props.worksheet} />
      ) : (
        <LatheFirst {...props} />
      )}
    </KeptUnder>
  );
}

/** Rail of steps, the present step or pass in large figures, measuring and record beside it. */
function AtTheDesk({
  id: attemptId,
  title,
  sheet,
  sheetId,
  lathes,
  student,
  tryNumber,
  revision,
  entries: first,
  marked: firstMarked,
  verdict,
  earlier = null,
  hides = false,
  instruments,
  who,
}: AttemptShown & { sheet: Sheet }) {
  const refresh = useRefresh();
  const onSheet = useCallback(() => void refresh(), [refresh]);
  const record = useRecord(attemptId, { sheet, entries: first, marked: firstMarked, hides, onSheet });
  const { entries, marked } = record;
  const prediction = useMemo(() => predict(sheet, entries), [sheet, entries]);
  const advice = useMemo(() => adviseOn(sheet, entries, prediction), [sheet, entries, prediction]);
  const state = marked ? 'marked' : prediction.state;
  const instructor = who.role === 'instructor';
  const handedIn = state === 'waiting';
  const canRecord = !marked && (who.role !== 'student' || !handedIn);
  const [chosen, setChosen] = useState<string | null>(null);
  const [side, setSide] = useState('measure');
  /** What was recorded leads on; not whoever has gone elsewhere while it was sent. */
  const leave = (from: string) => setChosen((now) => (now === from ? null : now));
  const late = notLookedOver(entries);
  const onePage = sheet.way.level === 'one-page';
  const present = chosen ?? shownAt(presentOf(sheet, prediction, advice, readFirst(earlier, prediction)));
  const step = prediction.steps.find((candidate) => candidate.step.id === present);

  const keys = useMemo(
    () => [
      { key: 'p', does: 'Next pass', run: () => setChosen(PASSES) },
      {
        key: 's',
        does: 'Next open step',
        run: () =>
          setChosen(
            prediction.steps.find(({ verdict }) => verdict === 'open' || verdict === 'wrong')?.step.id ??
              PASSES,
          ),
      },
      { key: 'm', does: 'Measure', run: () => setSide('measure') },
      { key: 'r', does: 'Record', run: () => setSide('record') },
    ],
    [prediction.steps],
  );

  const railOf = ({ step: each, entry, verdict }: Prediction['steps'][number]): RailStage<string> => {
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
            : verdict === 'not-done'
              ? 'not done'
              : 'done'),
      standing: verdict === 'open' && each.hold ? 'attend' : standingOf(verdict),
    };
  };
  const after = ({ step: each }: Prediction['steps'][number]) => each.when === 'after-cutting';

  const stages: RailStage<string>[] = [
    ...(onePage
      ? [
          {
            id: SET_UP,
            title: 'Whole set-up',
            result: 'one page',
            standing: toMend(prediction.blocks).length === 0 ? ('good' as const) : ('open' as const),
          },
        ]
      : []),
    ...prediction.steps.filter((each) => !after(each)).map(railOf),
    {
      id: PASSES,
      title: 'Passes',
      result: `${prediction.cuts.length} cut of ${prediction.passes.length}`,
      standing: ALL_CUT.includes(advice.phase) ? 'good' : 'open',
    },
    ...prediction.steps.filter(after).map(railOf),
  ];

  return (
    <div className="grid h-dvh min-h-[40rem] grid-rows-[auto_auto_minmax(0,1fr)]">
      <Header who={who} title={`${title}: ${student.name}`} keys={keys}>
        <StateMark state={state} total={verdict?.total ?? null} passed={verdict?.passed ?? null} />
        {lathes.length > 1 ? (
          <Button
            tone="quiet"
            aria-label={`Lathe: ${sheet.lathe.name}`}
            aria-pressed={present === LATHE}
            onClick={() => setChosen(LATHE)}
          >
            {sheet.lathe.name}
          </Button>
        ) : (
          <span className="text-sm text-ink-soft">{sheet.lathe.name}</span>
        )}
        {who.role === 'student' && canRecord && (
          <HandButton entries={entries} busy={record.busy} add={record.add} />
        )}
        <Button
          tone="quiet"
          aria-pressed={present === MACHINE}
          onClick={() => setChosen(present === MACHINE ? null : MACHINE)}
        >
          Machine
        </Button>
        <span className="text-sm text-ink-soft tablet:hidden">
          try {tryNumber} · revision {revision}
        </span>
      </Header>
      <AttemptStrip sheet={sheet} prediction={prediction} />
      <main className="grid min-h-0 grid-cols-[14.5rem_minmax(0,1fr)_22rem] tablet:grid-cols-[11.5rem_minmax(0,1fr)_19rem]">
        <StageRail
          dense
          label="Set-up in the order of work"
          stages={stages}
          chosen={present}
          onChoose={setChosen}
        />
        <div className="min-h-0 overflow-y-auto bg-paper-raised">
          <NotKnownNote sheet={sheet} />
          <RoomNote entries={entries} />
          {canRecord && late.length > 0 && (
            <div className="p-4 pb-0">
              <LateEntries sheet={sheet} late={late} add={record.add} />
            </div>
          )}
          {prediction.sentBack !== null && !marked && (
            <SentBack
              sentBack={prediction.sentBack}
              canRecord={canRecord && who.role === 'student'}
              add={record.add}
            />
          )}
          {canRecord && <FromTryBefore earlier={earlier} prediction={prediction} advice={advice} />}
          {present === LATHE ? (
            <LathePanel
              lathes={lathes}
              chosen={sheetId}
              canChange={canRecord && prediction.cuts.length === 0}
              add={record.add}
              onDone={() => leave(LATHE)}
            />
          ) : present === MACHINE ? (
            <MachinePanel sheet={sheet} />
          ) : present === SET_UP ? (
            <SetUpPage
              sheet={sheet}
              earlier={earlier}
              prediction={prediction}
              canRecord={canRecord}
              role={who.role}
              add={record.add}
              onOpen={setChosen}
            />
          ) : step === undefined ? (
            <PassPanel
              sheet={sheet}
              prediction={prediction}
              advice={advice}
              canRecord={canRecord}
              add={record.add}
              onScratch={() => leave(PASSES)}
              onStep={setChosen}
              onMeasure={() => setSide('measure')}
            >
              <RescueNow sheet={sheet} entries={record.entries} prediction={prediction} advice={advice} />
            </PassPanel>
          ) : (
            <StepPanel
              key={step.step.id}
              progress={step}
              earlier={earlier}
              sheet={sheet}
              canRecord={canRecord}
              canSignOff={maySign(who.role, step.step)}
              add={record.add}
              onDone={() => leave(step.step.id)}
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
                  title: sheet.proof.every(({ kind }) => kind === 'wires' || kind === 'thread-micrometer')
                    ? 'Measure'
                    : 'Prove',
                },
                { id: 'record', title: `Record (${liveEntries(entries).length})` },
              ]}
            >
              {side === 'measure' ? (
                <ProvePanel
                  sheet={sheet}
                  prediction={prediction}
                  advice={advice}
                  entries={entries}
                  canRecord={canRecord}
                  mayLook={who.role !== 'student'}
                  instruments={instruments}
                  add={record.add}
                />
              ) : (
                <>
                  {!marked && <NoteForm add={record.add} />}
                  <RecordList
                    lines={recordLines(sheet, entries)}
                    onStrike={marked || !canRecord ? undefined : record.add}
                  />
                </>
              )}
            </Tabs>
          </div>
          <Foot
            attemptId={attemptId}
            state={state}
            instructor={instructor}
            proven={state === 'measured' || prediction.final !== null}
            ends={advice.phase === 'proven' || advice.phase === 'past-saving'}
            add={record.add}
          />
        </div>
      </main>
    </div>
  );
}

/** Phases in which nothing more is to be cut. */
const ALL_CUT: readonly Phase[] = ['enough', 'prove', 'after', 'proven', 'ended'];

const shownAt = (present: Present): string =>
  present.kind === 'step' ? present.stepId : present.kind === 'passes' ? PASSES : SET_UP;

function Foot({
  attemptId,
  state,
  instructor,
  proven,
  ends,
  add,
}: {
  attemptId: number;
  state: string;
  instructor: boolean;
  proven: boolean;
  /** Nothing else is left to do: handing in is the next thing, and possible before. */
  ends: boolean;
  add: ReturnType<typeof useRecord>['add'];
}) {
  const [asking, setAsking] = useState(false);
  return (
    <div className="flex flex-wrap gap-2 border-t border-rule p-3">
      {state !== 'waiting' && state !== 'marked' && (
        <Button
          tone={ends ? 'main' : 'plain'}
          className="min-h-12 flex-1"
          disabled={state === 'not-begun'}
          onClick={() => setAsking(true)}
        >
          Hand in
        </Button>
      )}
      {(state === 'marked' || instructor) && (
        <PageLink
          href={`/attempts/${attemptId}/mark`}
          className={buttonClass(state === 'waiting' ? 'main' : 'plain', 'desk', 'min-h-12 flex-1')}
        >
          {state === 'marked' ? 'See the mark' : 'Mark'}
        </PageLink>
      )}
      {instructor && state !== 'not-begun' && state !== 'set-up' && <PlanFromLog attemptId={attemptId} />}
      <PageLink href={`/attempts/${attemptId}/sheet`} className={buttonClass('plain', 'desk', 'min-h-12')}>
        Sheet
      </PageLink>
      <EndDialog proven={proven} open={asking} onOpenChange={setAsking} add={add} />
    </div>
  );
}
