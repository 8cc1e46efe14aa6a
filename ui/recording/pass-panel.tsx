'use client';

import { useState } from 'react';
import { capital } from '@/core/gauging';
import { dialFigures, dialText } from '@/core/lathe';
import type { Prediction } from '@/core/record';
import type { Sheet } from '@/core/sheet';
import { Button } from '../kit/button';
import { Field } from '../kit/field';
import { Figure } from '../kit/figure';
import { Message } from '../kit/message';
import { useKept } from '../shell/kept';
import { useShowLength } from '../units/display-unit';
import { Refigure } from './refigure';
import type { AttemptRecord } from './use-record';

const KIND_WORDS = {
  scratch: 'scratch pass',
  rough: 'roughing',
  finish: 'finishing',
  spring: 'spring pass, no infeed',
};

/** The next pass in figures that read from an arm's length, with “cut as planned” or an own reading. */
export function PassPanel({
  sheet,
  prediction,
  canRecord,
  add,
  onScratch,
}: {
  sheet: Sheet;
  prediction: Prediction;
  canRecord: boolean;
  add: AttemptRecord['add'];
  /** The first pass is cut: time to check the pitch. */
  onScratch: () => void;
}) {
  const show = useShowLength();
  const [own, setOwn] = useKept('own-reading', '');
  const [problem, setProblem] = useState<string | undefined>();
  const { next, reading, remaining, cuts, steps, passes } = prediction;
  const { perTurn } = sheet.lathe.dial;
  const { unit, starts } = sheet.thread;
  const { words } = sheet;
  const lookMissing = steps.find(({ step }) => step.kind === 'sign-off')?.verdict === 'open';
  const stop = remaining?.stopReading ?? null;
  const pastStop = next !== null && stop !== null && next.dialReading.value > stop.value + 1e-9;
  const forPass = next?.n ?? passes.at(-1)?.n ?? 1;

  async function record(fields: Record<string, string>) {
    const added = await add({ kind: 'pass', ...fields });
    if (added.ok) {
      setOwn('');
      setProblem(undefined);
      if (cuts.length === 0) onScratch();
    } else {
      setProblem(added.fields.reading ?? added.message);
    }
  }

  return (
    <div className="grid content-start gap-4 p-6 tablet:p-4">
      {lookMissing && (
        <Message tone="warning">Hold point: the instructor has not looked yet. No cut before that.</Message>
      )}
      {next === null ? (
        <div className="grid gap-1">
          <h2 className="text-4xl">All planned passes are cut</h2>
          <p className="text-xl">{words.allCut}</p>
        </div>
      ) : (
        <>
          <h2 className="text-3xl">
            Pass {next.n} of {passes.length}{' '}
            <span className="font-normal text-ink-soft">
              · {KIND_WORDS[next.kind]}
              {starts > 1 && `, start ${next.start}`}
            </span>
          </h2>
          <div>
            <span className="label text-ink-soft">{capital(words.compound)} to</span>
            <p
              data-testid="next-reading"
              className="figures text-8xl leading-none font-medium text-dye tablet:text-7xl"
            >
              {dialText(next.dialReading, perTurn)}
              <span className="ml-2 text-2xl font-normal text-ink-soft">{next.dialReading.unit}</span>
            </p>
          </div>
          <div className="flex flex-wrap gap-x-8 gap-y-2">
            <Figure
              size="large"
              label="Infeed"
              value={dialFigures(next.dialInfeed)}
              unit={next.dialInfeed.unit}
            />
            <Figure
              size="large"
              label="Depth then"
              value={show.figures(next.radialDepth, unit)}
              unit={show.unitOf(unit)}
            />
            <Figure
              size="large"
              label={`${capital(words.over)} then`}
              value={next.overWires === null ? 'not yet' : show.figures(next.overWires, unit)}
              unit={next.overWires === null ? '' : show.unitOf(unit)}
            />
          </div>
          <p className="text-lg text-ink-soft">{words.cycle}</p>
        </>
      )}
      <Refigure sheet={sheet} prediction={prediction} canRecord={canRecord} add={add} />
      {pastStop && stop !== null && (
        <Message tone="warning">
          By your measurement stop at {dialText(stop, perTurn)} {stop.unit}: the planned reading goes past the
          target.
        </Message>
      )}
      {canRecord && (
        <div className="grid max-w-2xl gap-4">
          {next !== null && (
            <Button
              tone="main"
              size="bench"
              className="min-h-16 text-2xl"
              onClick={() => void record({ plannedPass: String(next.n) })}
            >
              Cut as planned
            </Button>
          )}
          <form
            className="grid grid-cols-[1fr_auto] items-end gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              void record({ plannedPass: String(forPass), reading: own });
            }}
          >
            <Field
              size="bench"
              label={`Own reading of the ${words.compound}`}
              unit={reading.unit}
              inputMode="decimal"
              value={own}
              onChange={(event) => setOwn(event.target.value)}
            />
            <Button size="bench" type="submit" className="min-h-14">
              Record own reading
            </Button>
            {problem !== undefined && (
              <div className="col-span-2">
                <Message tone="error">{problem}</Message>
              </div>
            )}
          </form>
        </div>
      )}
      <p className="figures text-ink-soft">
        {cuts.length === 0
          ? 'No pass cut yet.'
          : `${cuts.length} cut; the ${words.compound} stands at ${dialText(reading, perTurn)} ${reading.unit}.`}
      </p>
    </div>
  );
}
