'use client';

import { crestFlatBySize } from '@/core/exercise/record/state/crest-of-record';
import { bandText } from '@/ui/units/band-text';
import { useShowLength } from '@/ui/units/display-unit';
import { isTried } from '@/core/measuring/proof/evidence';
import { useState } from 'react';
import type { Prediction } from '@/core/exercise/record/state/predict';
import type { StopProgress } from '@/core/exercise/record/state/stop-progress';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { isTrial, stopData } from '@/core/machine/stops/stops';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { AnswerButtons } from './answer-buttons';
import { FlankPictures } from './flank-pictures';
import { TrialForm } from './trial-form';
import type { AttemptRecord } from './use-record';

/** A stop of the schedule that is due: its small steps, its question, its answers; it can be passed over, and that is recorded. */
export function StopPanel({
  sheet,
  prediction,
  due: { stop },
  canRecord,
  add,
  onMeasure,
}: {
  sheet: Sheet;
  prediction: Prediction;
  due: StopProgress;
  canRecord: boolean;
  add: AttemptRecord['add'];
  /** To where it is measured; null where that stands beside it. */
  onMeasure: (() => void) | null;
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const data = stopData(stop.check);
  const evidence =
    sheet.proof.find(({ kind }) => kind === stop.check) ?? sheet.proof.find(({ kind }) => isTried(kind));

  async function answer(given: string) {
    const added = await add({ kind: 'stop', stopId: stop.id, answer: given });
    setProblem(added.ok ? null : added.message);
  }

  return (
    <section aria-label={`Stop: ${stop.title}`} className="grid max-w-2xl gap-4">
      <h2 className="text-4xl">
        <span className="font-normal text-ink-soft">Stop: </span>
        {stop.title}
      </h2>
      <Steps steps={stop.steps} />
      <p className="text-2xl">{stop.asks}</p>
      {stop.check === 'form' && <FlankPictures />}
      {stop.check === 'crest-flat' && <CrestWanted prediction={prediction} sheet={sheet} />}
      {canRecord && (
        <>
          {isTrial(stop.check) ? (
            <TrialForm sheet={sheet} evidence={evidence} stopId={stop.id} purpose="mid" add={add} />
          ) : stop.check === 'wires' ? (
            onMeasure === null ? (
              <Message tone="note">Measure at the right, and record it to go on cutting.</Message>
            ) : (
              <Button size="bench" tone="main" className="min-h-16" onClick={onMeasure}>
                Measure now
              </Button>
            )
          ) : (
            <AnswerButtons
              label={data?.asks ?? stop.title}
              answers={data?.answers ?? []}
              onAnswer={(given) => void answer(given)}
            />
          )}
          <div>
            <Button tone="quiet" onClick={() => void answer('passed-over')}>
              Pass it over
            </Button>
          </div>
        </>
      )}
      {problem !== null && <Message tone="error">{problem}</Message>}
    </section>
  );
}

export function Steps({ steps }: { steps: readonly string[] }) {
  return (
    <ol className="grid text-lg leading-snug text-ink-soft tablet:text-base">
      {steps.map((step, index) => (
        <li key={step} className="grid grid-cols-[1.5rem_1fr]">
          <span className="figures">{index + 1}</span>
          {step}
        </li>
      ))}
    </ol>
  );
}

function CrestWanted({ prediction, sheet }: { prediction: Prediction; sheet: Sheet }) {
  const show = useShowLength();
  const { size, figuredFor } = prediction;
  if (size === null) return null;
  const { unit } = sheet.thread;
  const flat = crestFlatBySize(sheet, figuredFor, size);
  return (
    <p className="text-lg">
      It should be <strong className="figures">{bandText(flat, (value) => show.figures(value, unit))}</strong>{' '}
      {show.unitOf(unit)} by now.
    </p>
  );
}
