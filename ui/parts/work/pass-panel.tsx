'use client';

import { useState } from 'react';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { DRIVE_DATA, catchesMarks } from '@/core/machine/technique/drives';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { useKept } from '@/ui/shell/kept';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';
import { AllCut } from './all-cut';
import { BlocksPanel } from './blocks-panel';
import { CutByNut } from './cut-by-nut';
import { EventDialog } from './event-dialog';
import { Chips } from './chips';
import { ImpliedSays } from './implied-says';
import { NextPass } from './next-pass';
import { OwnCut } from './own-cut';
import { Refigure } from './refigure';
import { slideWord } from '../sheet/slide-word';
import { Steps, StopPanel } from './stop-panel';
import type { AttemptRecord } from './use-record';

/** The next pass in figures that read from an arm's length, in this technique's own cycle; one touch records it. */
export function PassPanel({
  sheet,
  prediction,
  canRecord,
  add,
  onScratch,
  onStep,
}: {
  sheet: Sheet;
  prediction: Prediction;
  canRecord: boolean;
  add: AttemptRecord['add'];
  /** The first pass is cut: time to check the pitch. */
  onScratch: () => void;
  onStep: (stepId: string) => void;
}) {
  const [mark, setMark] = useKept('mark-caught', '');
  const [problem, setProblem] = useState<string | undefined>();
  const [drive, setDrive] = useState<string | null>(null);
  const [happened, setHappened] = useState(false);
  const { next, reading, remaining, cuts, passes, blocks, due } = prediction;
  const { starts } = sheet.thread;
  const { cycles } = sheet.words;
  const driven = cycles.find((cycle) => cycle.drive === (drive ?? prediction.drive)) ?? cycles[0];
  const stop = remaining?.stopReading ?? null;
  const pastStop = next !== null && stop !== null && next.dialReading.value > stop.value + 1e-9;
  const otherMark =
    sheet.way.markRule === 'same' &&
    mark !== '' &&
    prediction.firstMark !== null &&
    mark !== prediction.firstMark;

  async function record(fields: Record<string, string>): Promise<boolean> {
    const added = await add({
      kind: 'pass',
      plannedPass: next === null ? '' : String(next.n),
      drive: driven?.drive ?? '',
      mark: catchesMarks(driven?.drive) ? mark : '',
      ...fields,
    });
    if (added.ok) {
      setProblem(undefined);
      if (cuts.length === 0) onScratch();
    } else {
      setProblem(added.fields.reading ?? added.fields.crossSlide ?? added.message);
    }
    return added.ok;
  }

  return (
    <div className="grid content-start gap-4 p-6 tablet:p-4">
      {blocks.length > 0 ? (
        <BlocksPanel
          blocks={blocks}
          canRecord={canRecord}
          onGo={onStep}
          onAllTheSame={() =>
            void record({ allTheSame: 'yes', ...(next === null ? { notTaken: 'yes' } : {}) })
          }
        />
      ) : due !== null ? (
        <StopPanel sheet={sheet} prediction={prediction} due={due} canRecord={canRecord} add={add} />
      ) : (
        <>
          {next === null ? (
            <AllCut sheet={sheet} prediction={prediction} />
          ) : (
            <NextPass
              sheet={sheet}
              prediction={prediction}
              next={next}
              starts={starts}
              total={passes.length}
            />
          )}
          {prediction.segment.wantsPassAtNoInfeed && (
            <Message tone="warning">
              The part was disturbed: first a pass at no infeed, and look whether the tool runs in its groove.
            </Message>
          )}
          <Refigure sheet={sheet} prediction={prediction} canRecord={canRecord} add={add} />
          {pastStop && stop !== null && (
            <Message tone="warning">
              By your measurement stop at {shownOnSheet(stop, sheet)} {stop.unit}: the planned reading goes
              past the target.
            </Message>
          )}
          {canRecord && (
            <div className="grid max-w-2xl gap-3">
              <div className="flex items-end gap-3">
                {next !== null && (
                  <Button
                    tone="main"
                    size="bench"
                    className="min-h-16 flex-1 text-2xl"
                    onClick={() => void record({})}
                  >
                    Cut as planned
                  </Button>
                )}
                {catchesMarks(driven?.drive) && (
                  <Field
                    className="w-32"
                    label="Mark caught"
                    placeholder={prediction.firstMark ?? 'not noted'}
                    value={mark}
                    onChange={(event) => setMark(event.target.value)}
                  />
                )}
              </div>
              <CutByNut sheet={sheet} prediction={prediction} onRecord={(fields) => void record(fields)} />
              {otherMark && (
                <Message tone="warning">{`The first cut caught mark ${prediction.firstMark}: this plan wants always the same.`}</Message>
              )}
              {driven !== undefined && (
                <div className="grid gap-1">
                  <div className="flex items-center justify-between gap-2">
                    {cycles.length > 1 ? (
                      <Chips
                        label="Driven by"
                        chosen={driven.drive}
                        options={cycles.map((cycle) => ({
                          id: cycle.drive,
                          text: cycle.drive === 'unknown' ? cycle.name : DRIVE_DATA[cycle.drive].short,
                          title: cycle.name,
                        }))}
                        onChoose={setDrive}
                      />
                    ) : (
                      <span />
                    )}
                    <Button onClick={() => setHappened(true)}>Something happened…</Button>
                  </div>
                  <Steps steps={driven.steps} />
                </div>
              )}
              <OwnCut sheet={sheet} unit={reading.unit} onRecord={record}>
                <Button onClick={() => void record({ notTaken: 'yes' })}>Cut, reading not taken</Button>
              </OwnCut>
              {problem !== undefined && <Message tone="error">{problem}</Message>}
            </div>
          )}
        </>
      )}
      <Standing sheet={sheet} prediction={prediction} />
      <ImpliedSays sheet={sheet} implied={prediction.implied} />
      {canRecord && (blocks.length > 0 || due !== null) && (
        <div>
          <Button onClick={() => setHappened(true)}>Something happened…</Button>
        </div>
      )}
      <EventDialog sheet={sheet} open={happened} onOpenChange={setHappened} add={add} />
    </div>
  );
}

/** Where the dial stands, and what is foretold of the thread. */
function Standing({ sheet, prediction }: { sheet: Sheet; prediction: Prediction }) {
  const show = useShowLength();
  const { cuts, reading, segment } = prediction;
  const { unit } = sheet.thread;
  const last = cuts.at(-1);
  const size =
    prediction.size === null ? null : bandText(prediction.size, (value) => show.figures(value, unit));
  const open =
    last !== undefined && (!last.readingTaken || segment.depthAtZero === null || !segment.foretells);
  const said =
    size !== null
      ? `; pitch diameter ${size} by now`
      : open
        ? '; size not foretold until it is measured or tried'
        : '';
  return (
    <p className="figures text-ink-soft">
      {last === undefined
        ? 'No pass cut yet.'
        : `${cuts.length} cut; the ${slideWord(sheet)} stands at ${shownOnSheet(reading, sheet)} ${reading.unit}${said}.`}
    </p>
  );
}
