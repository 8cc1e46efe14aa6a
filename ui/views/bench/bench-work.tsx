'use client';

import { useState, type ReactNode } from 'react';
import { ListChecks, Ruler, ScrollText, TriangleAlert, Undo2, House } from 'lucide-react';
import type { Advice } from '@/core/exercise/record/advice/advice';
import { adviseOn } from '@/core/exercise/record/advice/advise';
import { notLookedOver } from '@/core/exercise/record/state/leading';
import { predict, type Prediction } from '@/core/exercise/record/state/predict';
import { recordLines } from '@/core/exercise/record/shown/record-lines';
import { readFirst } from '@/core/exercise/record/shown/earlier-try';
import { presentOf, type Present } from '@/core/exercise/record/shown/present';
import type { Entry } from '@/core/exercise/record/entry/entry';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { fetchedPart } from '@/ui/kit/fetched-part';
import { Message } from '@/ui/kit/message';
import { StageRail, type RailStage } from '@/ui/kit/stage-rail';
import { InTheWay, isInTheWay } from '@/ui/parts/work/in-the-way';
import { RescueNow } from '@/ui/parts/work/rescue-now';
import { FromTryBefore } from '@/ui/parts/work/earlier-try';
import { EndDialog } from '@/ui/parts/work/end-dialog';
import { EventDialog } from '@/ui/parts/work/event-dialog';
import { HandButton } from '@/ui/parts/work/hand-button';
import { LathePanel } from '@/ui/parts/work/lathe-panel';
import { NoteForm } from '@/ui/parts/work/note-form';
import { ProvePanel } from '@/ui/parts/work/prove-panel';
import { RecordList } from '@/ui/parts/work/record-list';
import { SetUpPage } from '@/ui/parts/work/set-up-page';
import { RoomNote } from '@/ui/parts/work/room-note';
import { NotKnownNote } from '@/ui/parts/work/not-known-note';
import { standingOf } from '@/ui/parts/work/standing-of';
import { StepPanel } from '@/ui/parts/work/step-panel';
import { KeptUnder } from '@/ui/shell/kept';
import { useWorksheet } from '@/ui/parts/worksheet/use-worksheet';
import { WorksheetPanel } from '@/ui/parts/worksheet/worksheet-panel';
import { Providers } from '@/ui/shell/providers';
import type { BenchFacts } from './bench-facts';
import { GrooveNow } from './groove-now';
import { LateEntries } from '@/ui/parts/work/late-entries';
import { NotLeading } from './not-leading';
import { PassNow } from './pass-now';
import { StepPicture } from './step-picture';
import { UndoDialog } from './undo-dialog';
import { useBenchRecord, type BenchRecord } from './use-bench-record';

export interface BenchWorkProps {
  attemptId: number;
  home: BenchFacts;
  onHome: () => void;
  /** What is not sent yet. */
  line: ReactNode;
}

const SentBack = fetchedPart(() => import('@/ui/parts/work/sent-back'), 'Sent back to you.');

type Place = 'now' | 'steps' | 'prove' | 'record' | { stepId: string };

/** A piece at the bench, one big thing at a time. */
export function BenchWork(props: BenchWorkProps) {
  const { timeZone, words } = props.home.shop;
  return (
    <Providers timeZone={timeZone} words={words}>
      <KeptUnder name={`bench-${props.attemptId}`}>
        <Piece {...props} />
      </KeptUnder>
    </Providers>
  );
}

function Piece({ attemptId, home, onHome, line }: BenchWorkProps) {
  const record = useBenchRecord(attemptId, home.person);
  const { attempt, problem } = record;
  const answer = useWorksheet(attemptId, record.load);
  return (
    <div className="flex h-dvh flex-col">
      <header className="flex min-h-14 items-center gap-4 bg-paper px-4">
        <Button size="bench" onClick={onHome}>
          <House aria-hidden className="size-6" />
          Bench
        </Button>
        <h1 className="min-w-0 flex-1 truncate text-2xl">
          {attempt?.title ?? ''}
          {attempt?.sheet == null ? '' : <span className="text-ink-soft"> · {attempt.sheet.lathe.name}</span>}
        </h1>
        {attempt !== null && !attempt.marked && (
          <HandButton entries={record.entries} busy={record.busy} add={record.add} />
        )}
      </header>
      {line}
      {attempt === null ? (
        <main className="flex-1 bg-paper-raised p-8 text-2xl">
          <p role="status">
            {problem ?? 'This piece is not on this device yet. It opens as soon as the network is there.'}
          </p>
        </main>
      ) : attempt.sheet === null && attempt.worksheet?.open === false ? (
        <main className="grid min-h-0 flex-1 bg-paper-raised">
          <WorksheetPanel worksheet={attempt.worksheet} canAnswer answer={answer} />
        </main>
      ) : attempt.sheet === null ? (
        <main className="flex-1 bg-paper-raised">
          <LathePanel
            lathes={attempt.lathes}
            chosen={null}
            canChange
            add={record.add}
            onDone={() => void record.load()}
          />
          <p className="px-6 text-lg text-ink-soft">The sheet of the lathe comes over the network.</p>
        </main>
      ) : (
        <AtLathe record={record} sheet={attempt.sheet} />
      )}
    </div>
  );
}

function AtLathe({ record, sheet }: { record: BenchRecord; sheet: Sheet }) {
  const { attempt, entries, add, leads } = record;
  const prediction = predict(sheet, entries);
  const advice = adviseOn(sheet, entries, prediction);
  const [place, setPlace] = useState<Place>('now');
  const [happened, setHappened] = useState(false);
  const [undoing, setUndoing] = useState(false);
  const [ending, setEnding] = useState(false);
  const handedIn = prediction.state === 'waiting';
  const canRecord = attempt !== null && !attempt.marked && !handedIn;
  const proven = prediction.state === 'measured' || prediction.final !== null;
  const late = notLookedOver(entries);
  const stepId =
    typeof place === 'object'
      ? place.stepId
      : stepOf(presentOf(sheet, prediction, advice, readFirst(attempt?.earlier ?? null, prediction)), place);
  const step = sheet.steps.find(({ id }) => id === stepId);
  const groove = <GrooveNow sheet={sheet} entries={entries} prediction={prediction} size={advice.size} />;
  const tab = (id: Exclude<Place, object>, text: string, icon: ReactNode) => (
    <Button
      size="bench"
      tone={place === id ? 'main' : 'plain'}
      aria-pressed={place === id}
      className="min-h-16 flex-1"
      onClick={() => setPlace(place === id ? 'now' : id)}
    >
      {icon}
      {text}
    </Button>
  );
  return (
    <>
      <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_19rem] bg-paper-raised tablet:grid-cols-[minmax(0,1fr)_17rem]">
        <div className="min-h-0 overflow-y-auto p-6 tablet:p-5">
          <NotKnownNote sheet={sheet} />
          <RoomNote entries={entries} />
          {late.length > 0 && <LateEntries sheet={sheet} late={late} add={add} />}
          {record.refused.length > 0 && (
            <Message tone="error">
              {`The server has not taken: ${record.refused.map(({ why }) => why ?? '').join(' ')} Tell your instructor; it is kept beside the record.`}
            </Message>
          )}
          {prediction.sentBack !== null && attempt?.marked === false && (
            <SentBack sentBack={prediction.sentBack} canRecord={canRecord && leads} add={add} />
          )}
          {canRecord && place !== 'record' && (
            <FromTryBefore earlier={attempt.earlier ?? null} prediction={prediction} advice={advice} />
          )}
          {!record.keeps && place !== 'record' ? (
            <Message tone="error">
              This browser keeps nothing, so nothing can be recorded at the bench. Record on the page of the
              whole record instead: “Entries” leads there.
            </Message>
          ) : canRecord && !leads && place === 'now' ? (
            <NotLeading add={add} />
          ) : canRecord && prediction.sentBack?.seen === false && place === 'now' ? null : handedIn &&
            place === 'now' ? (
            <div className="grid gap-3">
              <h2 className="text-5xl">Handed in</h2>
              <p className="text-xl">It waits for its mark. Touch “Bench” for the next piece.</p>
            </div>
          ) : (
            <Shown
              place={place}
              setPlace={setPlace}
              record={record}
              sheet={sheet}
              prediction={prediction}
              advice={advice}
              entries={entries}
              canRecord={canRecord && leads}
              onHappened={() => setHappened(true)}
              onEnd={() => setEnding(true)}
            />
          )}
        </div>
        <aside className="min-h-0 overflow-y-auto border-l border-rule bg-paper p-3">
          {step === undefined ? groove : <StepPicture sheet={sheet} step={step} otherwise={groove} />}
        </aside>
      </main>
      <nav aria-label="Bench" className="flex gap-2 border-t border-rule bg-paper p-2">
        {tab('steps', 'Steps', <ListChecks aria-hidden className="size-6" />)}
        {tab('prove', 'Measure', <Ruler aria-hidden className="size-6" />)}
        {tab('record', 'Entries', <ScrollText aria-hidden className="size-6" />)}
        <Button
          size="bench"
          className="min-h-16 flex-[1.6]"
          disabled={!canRecord}
          onClick={() => setHappened(true)}
        >
          <TriangleAlert aria-hidden className="size-6" />
          Something happened…
        </Button>
        <Button
          size="bench"
          className="min-h-16 flex-1"
          disabled={!canRecord || record.last === null}
          onClick={() => setUndoing(true)}
        >
          <Undo2 aria-hidden className="size-6" />
          Undo…
        </Button>
        {canRecord && prediction.state !== 'not-begun' && (
          <Button
            size="bench"
            tone={advice.phase === 'proven' || advice.phase === 'past-saving' ? 'main' : 'plain'}
            className="min-h-16 flex-1"
            onClick={() => setEnding(true)}
          >
            Hand in
          </Button>
        )}
      </nav>
      <EventDialog sheet={sheet} open={happened} onOpenChange={setHappened} add={add} />
      <UndoDialog sheet={sheet} last={record.last} open={undoing} onOpenChange={setUndoing} add={add} />
      <EndDialog
        proven={proven}
        open={ending}
        onOpenChange={setEnding}
        add={async (fields) => {
          const added = await add(fields);
          if (added.ok) setPlace('now');
          return added;
        }}
      />
    </>
  );
}

const stepOf = (present: Present, place: Place): string | null =>
  place === 'now' && present.kind === 'step' ? present.stepId : null;

/** The one thing that is shown: what is next, or what was asked for. */
function Shown({
  place,
  setPlace,
  record: { add, attempt },
  sheet,
  prediction,
  advice,
  entries,
  canRecord,
  onHappened,
  onEnd,
}: {
  place: Place;
  setPlace: (place: Place) => void;
  record: BenchRecord;
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  entries: readonly Entry[];
  canRecord: boolean;
  onHappened: () => void;
  onEnd: () => void;
}) {
  if (place === 'steps')
    return (
      <>
        {attempt !== null && attempt.lathes.length > 1 && prediction.cuts.length === 0 && (
          <LathePanel
            lathes={attempt.lathes}
            chosen={attempt.sheetId}
            canChange={canRecord}
            add={add}
            onDone={() => setPlace('now')}
          />
        )}
        <StageRail
          label="Steps in the order of work"
          stages={prediction.steps.map(({ step, verdict }): RailStage<string> => ({
            id: step.id,
            title: step.title,
            result: verdict === 'open' ? (step.kind === 'sign-off' ? 'hold point' : 'open') : verdict,
            standing: verdict === 'open' && step.hold ? 'attend' : standingOf(verdict),
          }))}
          chosen=""
          onChoose={(stepId) => setPlace({ stepId })}
        />
      </>
    );
  if (place === 'prove')
    return (
      <ProvePanel
        sheet={sheet}
        prediction={prediction}
        advice={advice}
        entries={entries}
        canRecord={canRecord}
        mayLook={false}
        instruments={attempt?.instruments}
        add={add}
      />
    );
  if (place === 'record')
    return (
      <>
        <p className="mb-2">
          <a
            href={`/attempts/${attempt?.id ?? 0}`}
            className="inline-flex min-h-12 items-center underline underline-offset-2"
          >
            The whole record, with machine and sheet
          </a>
        </p>
        {canRecord && <NoteForm add={add} />}
        <RecordList
          lines={recordLines(sheet, entries)}
          onStrike={canRecord ? add : undefined}
          by={attempt?.student.id ?? null}
        />
      </>
    );
  const present =
    typeof place === 'object'
      ? ({ kind: 'step', stepId: place.stepId } as const)
      : presentOf(sheet, prediction, advice, readFirst(attempt?.earlier ?? null, prediction));
  if (present.kind === 'set-up-page')
    return (
      <SetUpPage
        sheet={sheet}
        earlier={attempt?.earlier ?? null}
        prediction={prediction}
        canRecord={canRecord}
        role="student"
        add={add}
        onOpen={(stepId) => setPlace({ stepId })}
      />
    );
  const progress =
    present.kind === 'step' ? prediction.steps.find(({ step }) => step.id === present.stepId) : undefined;
  if (progress !== undefined)
    return (
      <>
        <StepPanel
          key={progress.step.id}
          progress={progress}
          earlier={attempt?.earlier ?? null}
          sheet={sheet}
          canRecord={canRecord}
          canSignOff={false}
          add={add}
          onDone={() => setPlace('now')}
        />
      </>
    );
  const rescue = <RescueNow sheet={sheet} entries={entries} prediction={prediction} advice={advice} />;
  if (isInTheWay(prediction, advice))
    return (
      <>
        <InTheWay
          sheet={sheet}
          prediction={prediction}
          advice={advice}
          canRecord={canRecord}
          add={add}
          onStep={(stepId) => setPlace({ stepId })}
          onMeasure={() => setPlace('prove')}
          onAllTheSame={(fields) =>
            void add({
              kind: 'pass',
              plannedPass: prediction.next === null ? '' : String(prediction.next.n),
              ...fields,
            })
          }
        />
        {rescue}
      </>
    );
  return canRecord ? (
    <>
      <PassNow
        sheet={sheet}
        prediction={prediction}
        advice={advice}
        add={add}
        onMeasure={() => setPlace('prove')}
        onHappened={onHappened}
        onEnd={onEnd}
      />
      {rescue}
    </>
  ) : null;
}
