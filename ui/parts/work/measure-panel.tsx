'use client';

import { useId, useRef, useState, type KeyboardEvent } from 'react';
import { capital } from '@/core/measuring/gauging/measuring-words';
import { finishBy, shopUncertainty } from '@/core/exercise/record/state/finish-by';
import { isInside, isOverCut } from '@/core/exercise/record/state/measured-thread';
import { PLACES } from '@/core/exercise/record/entry/kinds/measurement';
import { questionReadings, type QuestionedReading } from '@/core/exercise/record/shown/question-readings';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { guardedBand } from '@/core/measuring/gauging/uncertainty';
import { dialFigures } from '@/core/machine/lathe/dial-text';
import { parseLength } from '@/core/base/units/parse-length';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet, SheetProof } from '@/core/exercise/sheet/sheet';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { ImpliedSays } from './implied-says';
import type { AttemptRecord } from './use-record';
import { useKept } from '@/ui/shell/kept';
import { useShowLength } from '@/ui/units/display-unit';
import { GaugeBar } from '../gauge/gauge-bar';
import { useGauge } from '../gauge/use-gauge';
import { GuardBand } from '../thread/guard-band';
import { slideWord } from '../sheet/slide-word';

const EMPTY = { start: '', middle: '', end: '', crest: '', wire: '' };
/** What stays from one measurement to the next. */
const NO_INSTRUMENT = { instrument: '', zero: '' };

/** Measuring at the places of the proof, over wires or across the flanks, and the crest; in mid-course or at the end. */
export function MeasurePanel({
  evidence,
  sheet,
  prediction,
  canRecord,
  add,
  instruments = [],
}: {
  evidence: SheetProof;
  sheet: Sheet;
  prediction: Prediction;
  canRecord: boolean;
  add: AttemptRecord['add'];
  /** Micrometers of the shop, by name. */
  instruments?: readonly string[];
}) {
  const show = useShowLength();
  const row = useId();
  const [values, setValues] = useKept(`measurement-${evidence.id}`, EMPTY);
  const [held, setHeld] = useKept(`instrument-${evidence.id}`, NO_INSTRUMENT);
  const [problems, setProblems] = useState<Record<string, string>>({});
  /** Asked about, and not answered yet. */
  const [asked, setAsked] = useState<{ purpose: 'mid' | 'final'; questions: QuestionedReading[] } | null>(
    null,
  );
  const form = useRef<HTMLFormElement>(null);
  const { unit } = sheet.thread;
  const { words, wires } = sheet;
  const overWires = evidence.kind === 'wires';
  const places = evidence.places.length === 0 ? PLACES : evidence.places;
  const gauge = useGauge((reading) => {
    const next = [...places, 'crest' as const].find((each) => values[each].trim() === '');
    if (next === undefined) return;
    const other = reading.unit !== null && reading.unit !== unit ? ` ${reading.unit}` : '';
    setAsked(null);
    setValues({ ...values, [next]: `${reading.value}${other}` });
  });
  const limits = overWires
    ? wires.overWires
    : { ...sheet.limits.pitchDiameter, target: sheet.targetPitchDiameter };
  const what = overWires ? capital(words.over) : 'Pitch diameter';

  async function record(purpose: 'mid' | 'final', readSo = false) {
    const questions = readSo ? (asked?.questions ?? []) : questionsOf();
    if (!readSo && questions.length > 0) return setAsked({ purpose, questions });
    const added = await add({
      kind: 'measurement',
      evidenceId: evidence.id,
      purpose,
      ...values,
      ...held,
      questioned: [...new Set(questions.map(({ code }) => code))].join(' '),
    });
    setAsked(null);
    if (added.ok) {
      setValues(EMPTY);
      setProblems({});
    } else {
      setProblems(
        Object.keys(added.fields).length > 0 ? added.fields : { [places[0] ?? 'start']: added.message },
      );
    }
  }

  /** What is to be asked about the readings as they are typed; what can not be read is refused elsewhere. */
  function questionsOf(): QuestionedReading[] {
    const read = (text: string) => {
      const length = text.trim() === '' ? null : parseLength('reading', text, unit);
      return length?.ok === true ? length.value.length.value : null;
    };
    return questionReadings(sheet, prediction, {
      readings: { start: read(values.start), middle: read(values.middle), end: read(values.end) },
      wire: read(values.wire) ?? wires.diameter,
      zero: read(held.zero),
      direct: !overWires,
    });
  }

  /** A gauge that types sends Enter after its figure: that leads to the next empty field, and records nothing. */
  function onEnter(event: KeyboardEvent<HTMLFormElement>) {
    if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
    const fields = [...(form.current?.querySelectorAll<HTMLInputElement>('input[data-reading]') ?? [])];
    const next = fields.find((each) => each !== event.target && each.value.trim() === '');
    // On an empty field it means that there is no more.
    if (!fields.includes(event.target) || event.target.value.trim() === '' || next === undefined) return;
    event.preventDefault();
    next.focus();
  }

  const field = (name: keyof typeof EMPTY, label: string) => (
    <Field
      key={name}
      label={label}
      unit={unit}
      inputMode="decimal"
      data-reading={name === 'crest' ? '' : undefined}
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
      {prediction.remaining !== null && (
        <RemainingFeed sheet={sheet} prediction={prediction} strength={evidence.strength} />
      )}
      <ImpliedSays sheet={sheet} implied={prediction.implied} />
      {canRecord && (
        <form
          ref={form}
          className="grid gap-3"
          onKeyDown={onEnter}
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
              className={`grid gap-2 ${places.length === 1 ? 'grid-cols-1' : places.length === 2 ? 'grid-cols-2' : 'grid-cols-3'}`}
            >
              {places.map((place) => (
                <Field
                  key={place}
                  label={PLACE_WORDS[place]}
                  inputMode="decimal"
                  data-reading
                  value={values[place]}
                  error={problems[place]}
                  messageElsewhere={problems[place] === undefined ? undefined : `${row}-${place}`}
                  onChange={(event) => setValues({ ...values, [place]: event.target.value })}
                />
              ))}
            </div>
            {places
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
          <div className="grid grid-cols-2 gap-2">
            <Field
              label="Instrument"
              list={`${row}-instruments`}
              value={held.instrument}
              onChange={(event) => setHeld({ ...held, instrument: event.target.value })}
            />
            <Field
              label="Its zero reads"
              unit={unit}
              inputMode="decimal"
              placeholder="unknown"
              value={held.zero}
              error={problems.zero}
              onChange={(event) => setHeld({ ...held, zero: event.target.value })}
            />
            <datalist id={`${row}-instruments`}>
              {instruments.map((name) => (
                <option key={name} value={name} />
              ))}
            </datalist>
          </div>
          <GaugeBar {...gauge} />
          {asked !== null && (
            <section
              aria-label="Asked about"
              className="grid gap-2 border-l-8 border-brass bg-brass-wash p-3"
            >
              {asked.questions.map(({ place, says }) => (
                <p key={place}>
                  <strong className="font-semibold">{PLACE_WORDS[place]}:</strong> {says}
                </p>
              ))}
              <div className="flex flex-wrap gap-2">
                <Button className="min-h-12" onClick={() => void record(asked.purpose, true)}>
                  It reads so: record it
                </Button>
                <Button className="min-h-12" tone="quiet" onClick={() => setAsked(null)}>
                  Measure again
                </Button>
              </div>
            </section>
          )}
          <Message tone="note">
            Spindle stopped. Brush the thread clean, deburr the crests; the zero of the micrometer is taken
            off here.
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
function RemainingFeed({
  sheet,
  prediction,
  strength,
}: {
  sheet: Sheet;
  prediction: Prediction;
  strength?: string;
}) {
  const show = useShowLength();
  const { remaining } = prediction;
  if (remaining === null) return null;
  const { unit } = sheet.thread;
  const { measured, stopReading } = remaining;
  const over = isOverCut(sheet, measured);
  const inside = isInside(sheet, measured);
  const shown = show.unitOf(unit);
  const expanded = shopUncertainty(sheet, remaining.measurement.content.method);
  const finish = finishBy(sheet, prediction);
  const text = (value: number) => show.figures(value, unit);
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
      <GuardBand
        band={sheet.limits.pitchDiameter}
        guarded={guardedBand(sheet.limits.pitchDiameter, expanded)}
        measured={measured.mean}
        expanded={expanded}
        text={text}
        width={330}
      />
      <p className="text-sm text-ink-soft">
        Uncertain by <span className="figures">{text(expanded)}</span> {shown} with shop instruments (k = 2).
        {strength !== undefined && ` Strength: ${strength}.`}
      </p>
      {finish?.kind === 'done' && (
        <p className="text-lg">As near to the target as this dial can set: no more infeed.</p>
      )}
      {finish?.kind === 'stop' && (
        <p className="text-lg font-semibold">
          Stop: the next cut can lose it. One graduation more may leave the limits.
        </p>
      )}
      {finish?.kind === 'cut' && (
        <p className="text-lg">
          <strong className="font-semibold">
            {finish.cuts} more {finish.cuts === 1 ? 'cut' : 'cuts'}
          </strong>{' '}
          of at most <span className="figures">{dialFigures(finish.each)}</span> {finish.each.unit} on the{' '}
          {slideWord(sheet)}; then measure again.
        </p>
      )}
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
      {stopReading !== null && finish?.kind === 'cut' && (
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
