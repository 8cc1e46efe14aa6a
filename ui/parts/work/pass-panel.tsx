'use client';

import { useState, type ReactNode } from 'react';
import type { Advice } from '@/core/exercise/record/advice/advice';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';
import { AdviceNow } from './advice-now';
import { EventDialog } from './event-dialog';
import { ImpliedSays } from './implied-says';
import { DrivenBy, OtherMark } from './next-cut';
import { NextPass } from './next-pass';
import { atNoInfeed, useNextCut } from './use-next-cut';
import { OwnCut } from './own-cut';
import { Refigure } from './refigure';
import { slideWord } from '../sheet/slide-word';
import { InTheWay, isInTheWay } from './in-the-way';
import { Steps } from './stop-panel';
import type { AttemptRecord } from './use-record';

/** The next pass in figures that read from an arm's length, in this technique's own cycle; one touch records it. */
export function PassPanel({
  sheet,
  prediction,
  advice,
  canRecord,
  add,
  onScratch,
  onStep,
  onMeasure,
  children,
}: {
  sheet: Sheet;
  prediction: Prediction;
  advice: Advice;
  canRecord: boolean;
  add: AttemptRecord['add'];
  /** The first pass is cut: time to check the pitch. */
  onScratch: () => void;
  onStep: (stepId: string) => void;
  onMeasure: () => void;
  /** What stands below it. */
  children?: ReactNode;
}) {
  const cut = useNextCut(sheet, prediction, advice, add);
  const [happened, setHappened] = useState(false);
  const [otherwise, setOtherwise] = useState(false);
  const { reading, cuts } = prediction;
  const advised = advice.cut;
  async function record(fields: EntryFields): Promise<boolean> {
    const recorded = await cut.record(fields);
    if (recorded && cuts.length === 0) onScratch();
    return recorded;
  }

  return (
    <div className="grid content-start gap-4 p-6 tablet:p-4">
      {isInTheWay(prediction, advice) ? (
        <InTheWay
          sheet={sheet}
          prediction={prediction}
          advice={advice}
          canRecord={canRecord}
          add={add}
          onStep={onStep}
          onMeasure={null}
          onAllTheSame={(fields) => void record(fields)}
        />
      ) : (
        <>
          {advised === null ? (
            <AdviceNow
              sheet={sheet}
              prediction={prediction}
              advice={advice}
              canRecord={canRecord}
              add={add}
              onMeasure={onMeasure}
              onHappened={() => setHappened(true)}
              onCutOn={() => setOtherwise(true)}
              onEnd={null}
            />
          ) : (
            <NextPass sheet={sheet} prediction={prediction} advice={advice} cut={advised} />
          )}
          <Refigure sheet={sheet} prediction={prediction} canRecord={canRecord} add={add} />
          {canRecord && (advised !== null || otherwise) && (
            <div className="grid max-w-2xl gap-3">
              <div className="flex items-end gap-3">
                {advised !== null && (
                  <Button
                    tone="main"
                    size="bench"
                    className="min-h-16 flex-1 text-2xl"
                    onClick={() => void record({})}
                  >
                    {advised.row === null ? 'Cut as advised' : 'Cut as planned'}
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
              <OtherMark sheet={sheet} prediction={prediction} cut={cut} />
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
                {cuts.length > 0 && (
                  <Button onClick={() => void record(atNoInfeed(prediction))}>A pass at no infeed</Button>
                )}
                <Button onClick={() => void record({ notTaken: 'yes' })}>Cut, reading not taken</Button>
              </OwnCut>
              {cut.problem !== null && <Message tone="error">{cut.problem}</Message>}
            </div>
          )}
        </>
      )}
      {children}
      <Standing sheet={sheet} prediction={prediction} size={advice.size} />
      <ImpliedSays sheet={sheet} implied={prediction.implied} />
      {canRecord && (isInTheWay(prediction, advice) || (advised === null && !otherwise)) && (
        <div>
          <Button onClick={() => setHappened(true)}>Something happened…</Button>
        </div>
      )}
      <EventDialog sheet={sheet} open={happened} onOpenChange={setHappened} add={add} />
    </div>
  );
}

/** Where the dial stands, and what is foretold of the thread. */
function Standing({
  sheet,
  prediction,
  size: band,
}: {
  sheet: Sheet;
  prediction: Prediction;
  size: Advice['size'];
}) {
  const show = useShowLength();
  const { cuts, reading, segment } = prediction;
  const { unit } = sheet.thread;
  const last = cuts.at(-1);
  const size = band === null ? null : bandText(band, (value) => show.figures(value, unit));
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
