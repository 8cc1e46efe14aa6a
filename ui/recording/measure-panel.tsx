'use client';

import { useId, useState } from 'react';
import { capital } from '@/core/gauging';
import { isInside, isOverCut, PLACES, type Prediction } from '@/core/record';
import { shownOnSheet, type Sheet, type SheetProof } from '@/core/sheet';
import { Button } from '../kit/button';
import { Field } from '../kit/field';
import { Message } from '../kit/message';
import { ImpliedSays } from './implied-says';
import type { AttemptRecord } from './use-record';
import { useKept } from '../shell/kept';
import { useShowLength } from '../units/display-unit';
import { slideWord } from './slide-word';

const EMPTY = { start: '', middle: '', end: '', crest: '', wire: '' };

/** Measuring at the places of the proof, over wires or across the flanks, and the crest; in mid-course or at the end. */
export function MeasurePanel({
  evidence,
  sheet,
  prediction,
  canRecord,
  add,
}: {
  evidence: SheetProof;
  sheet: Sheet;
  prediction: Prediction;
  canRecord: boolean;
  add: AttemptRecord['add'];
}) {
  const show = useShowLength();
  const row = useId();
  const [values, setValues] = useKept('measurement', EMPTY);
  const [problems, setProblems] = useState<Record<string, string>>({});
  const { unit } = sheet.thread;
  const { words, wires } = sheet;
  const overWires = evidence.kind === 'wires';
  const asked = evidence.places.length === 0 ? PLACES : evidence.places;
  const limits = overWires
    ? wires.overWires
    : { ...sheet.limits.pitchDiameter, target: sheet.targetPitchDiameter };
  const what = overWires ? capital(words.over) : 'Pitch diameter';

  async function record(purpose: 'mid' | 'final') {
    const added = await add({ kind: 'measurement', evidenceId: evidence.id, purpose, ...values });
    if (added.ok) {
      setValues(EMPTY);
      setProblems({});
    } else {
      setProblems(
        Object.keys(added.fields).length > 0 ? added.fields : { [asked[0] ?? 'start']: added.message },
      );
    }
  }

  const field = (name: keyof typeof EMPTY, label: string) => (
    <Field
      key={name}
      label={label}
      unit={unit}
      inputMode="decimal"
      value={values[name]}
      error={problems[name]}
      onChange={(event) => setValues({ ...values, [name]: event.target.value })}
    />
  );
  return (
    <div className="grid gap-3 p-3">
      <p className="text-sm">
        {what}
        {overWires && (
          <>
            {' '}
            of <span className="figures">{show.figures(wires.diameter, unit, 1)}</span>
          </>
        )}
        : target <strong className="figures">{show.figures(limits.target, unit)}</strong>, limits{' '}
        <span className="figures whitespace-nowrap">
          {show.figures(limits.min, unit)} – {show.figures(limits.max, unit)}
        </span>{' '}
        {show.unitOf(unit)}
      </p>
      {prediction.remaining !== null && <RemainingFeed sheet={sheet} prediction={prediction} />}
      <ImpliedSays sheet={sheet} implied={prediction.implied} />
      {canRecord && (
        <form
          className="grid gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void record('mid');
          }}
        >
          <fieldset className="grid gap-1.5">
            <legend className="mb-1 text-sm">
              {what}, in <span className="figures">{unit}</span>
            </legend>
            <div
              className={`grid gap-2 ${asked.length === 1 ? 'grid-cols-1' : asked.length === 2 ? 'grid-cols-2' : 'grid-cols-3'}`}
            >
              {asked.map((place) => (
                <Field
                  key={place}
                  label={PLACE_WORDS[place]}
                  inputMode="decimal"
                  value={values[place]}
                  error={problems[place]}
                  messageElsewhere={problems[place] === undefined ? undefined : `${row}-${place}`}
                  onChange={(event) => setValues({ ...values, [place]: event.target.value })}
                />
              ))}
            </div>
            {asked
              .filter((place) => problems[place] !== undefined)
              .map((place) => (
                <Message key={place} id={`${row}-${place}`} tone="error">
                  <span className="font-medium">{PLACE_WORDS[place]}:</span> <span>{problems[place]}</span>
                </Message>
              ))}
          </fieldset>
          <div className="grid grid-cols-2 gap-2">
            {field('crest', capital(words.crest))}
            {overWires && field('wire', `${capital(words.pieces)}, if others`)}
          </div>
          <Message tone="note">
            Spindle stopped. Brush the thread clean, deburr the crests; take the micrometer’s zero error off.
          </Message>
          <div className="grid grid-cols-2 gap-2">
            <Button className="min-h-12" type="submit">
              Record, go on cutting
            </Button>
            <Button className="min-h-12" tone="main" onClick={() => void record('final')}>
              Record as final
            </Button>
          </div>
        </form>
      )}
    </div>
  );
}

const PLACE_WORDS = { start: 'Start', middle: 'Middle', end: 'End' };

/** What is left by the latest measurement. */
export function RemainingFeed({ sheet, prediction }: { sheet: Sheet; prediction: Prediction }) {
  const show = useShowLength();
  const { remaining } = prediction;
  if (remaining === null) return null;
  const { unit } = sheet.thread;
  const { measured, stopReading } = remaining;
  const over = isOverCut(sheet, measured);
  const inside = isInside(sheet, measured);
  const shown = show.unitOf(unit);
  return (
    <section
      aria-label="Remaining feed"
      className={`grid gap-1 border-l-4 p-2.5 ${over ? 'border-nogo bg-nogo-wash' : inside ? 'border-go bg-go-wash' : 'border-brass bg-brass-wash'}`}
    >
      <p className="font-semibold">
        {over ? '⊘ Over-cut' : inside ? '● In the limits' : '▲ Still to cut'}
        <span className="ml-2 font-normal">
          pitch diameter <span className="figures">{show.figures(measured.mean, unit)}</span>
          {measured.taper !== null && (
            <>
              , taper <span className="figures">{show.figures(measured.taper, unit)}</span>
            </>
          )}
        </span>
      </p>
      {remaining.compound > 0 ? (
        <dl className="grid grid-cols-2 gap-x-3">
          <Left name="Radial left" value={show.figures(remaining.radial, unit)} unit={shown} />
          <Left
            name={`${capital(slideWord(sheet))} left`}
            value={show.figures(remaining.compound, unit)}
            unit={shown}
          />
        </dl>
      ) : (
        <p className="text-sm">
          {over
            ? 'Nothing brings metal back. Note what happened; it is what you learn from.'
            : 'At or past the target: no more infeed.'}
        </p>
      )}
      {stopReading !== null && remaining.compound > 0 && (
        <p className="text-sm">
          Stop with the {slideWord(sheet)} at{' '}
          <strong className="figures">{shownOnSheet(stopReading, sheet)}</strong> {stopReading.unit}
        </p>
      )}
    </section>
  );
}

function Left({ name, value, unit }: { name: string; value: string; unit: string }) {
  return (
    <div>
      <dt className="label text-ink-soft">{name}</dt>
      <dd className="figures text-2xl font-medium">
        {value}
        <span className="ml-1 text-sm font-normal">{unit}</span>
      </dd>
    </div>
  );
}
