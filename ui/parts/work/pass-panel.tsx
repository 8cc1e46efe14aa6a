'use client';

import { useState } from 'react';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';
import { AllCut } from './all-cut';
import { BlocksPanel } from './blocks-panel';
import { CutByNut } from './cut-by-nut';
import { EventDialog } from './event-dialog';
import { ImpliedSays } from './implied-says';
import { DrivenBy, NoInfeedFirst, OtherMark } from './next-cut';
import { NextPass } from './next-pass';
import { useNextCut } from './use-next-cut';
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
  const cut = useNextCut(sheet, prediction, add);
  const [happened, setHappened] = useState(false);
  const { next, reading, remaining, cuts, passes, blocks, due } = prediction;
  const stop = remaining?.stopReading ?? null;
  const pastStop = next !== null && stop !== null && next.dialReading.value > stop.value + 1e-9;
  async function record(fields: EntryFields): Promise<boolean> {
    const recorded = await cut.record(fields);
    if (recorded && cuts.length === 0) onScratch();
    return recorded;
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
            <NextPass sheet={sheet} prediction={prediction} next={next} total={passes.length} />
          )}
          <NoInfeedFirst segment={prediction.segment} />
          <Refigure sheet={sheet} prediction={prediction} canRecord={canRecord} add={add} />
          {pastStop && (
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
                {cut.catches && (
                  <Field
                    className="w-32"
                    label="Dial mark caught"
                    placeholder={prediction.firstMark ?? 'not noted'}
                    value={cut.mark}
                    onChange={(event) => cut.setMark(event.target.value)}
                  />
                )}
              </div>
              <CutByNut sheet={sheet} prediction={prediction} onRecord={(fields) => void record(fields)} />
              <OtherMark cut={cut} firstMark={prediction.firstMark} />
              {cut.cycle !== undefined && (
                <div className="grid gap-1">
                  <div className="flex items-center justify-between gap-2">
                    <span>
                      <DrivenBy sheet={sheet} cut={cut} />
                    </span>
                    <Button onClick={() => setHappened(true)}>Something happened…</Button>
                  </div>
                  <Steps steps={cut.cycle.steps} />
                </div>
              )}
              <OwnCut sheet={sheet} unit={reading.unit} onRecord={record}>
                <Button onClick={() => void record({ notTaken: 'yes' })}>Cut, reading not taken</Button>
              </OwnCut>
              {cut.problem !== null && <Message tone="error">{cut.problem}</Message>}
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
