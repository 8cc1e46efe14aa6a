'use client';

import {
  explainMeasuredPitchDiameter,
  measuredPitchDiameter,
  wireSizeError,
  type PitchMeasurement,
  type PitchMethod,
} from '@/core/measuring/gauging/measured-pitch-diameter';
import {
  explainUncertainty,
  guardedBand,
  pitchDiameterUncertainty,
} from '@/core/measuring/gauging/uncertainty';
import type { MemberTable } from '@/core/measuring/tables/thread-table';
import { formOf } from '@/core/thread/standards/systems';
import { pitchOf } from '@/core/thread/standards/thread';
import { formatLength } from '@/core/base/units/format-length';
import { parseLength } from '@/core/base/units/parse-length';
import { parseLengthList } from '@/core/base/units/parse-length-list';
import type { LengthUnit } from '@/core/base/units/length';
import { Choice } from '@/ui/kit/choice';
import { CopyFigure } from '@/ui/kit/copy-figure';
import { Field } from '@/ui/kit/field';
import { Figure } from '@/ui/kit/figure';
import { GuardBand } from '@/ui/parts/thread/guard-band';

/** Usual values; common practice: a tenth of a thousandth on a micrometer, a certified set of wires. */
const USUAL: Record<LengthUnit, { micrometer: number; wire: number }> = {
  in: { micrometer: 0.0001, wire: 0.00001 },
  mm: { micrometer: 0.003, wire: 0.00025 },
};

const METHODS: readonly { value: PitchMethod; text: string }[] = [
  { value: 'three-wires', text: 'Three wires' },
  { value: 'one-wire', text: 'One wire' },
  { value: 'thread-micrometer', text: 'Thread micrometer' },
];

/** What was typed for measuring, and by which method: kept by the view, so that another thread does not clear it. */
export const EMPTY_MEASURING = {
  method: 'three-wires' as PitchMethod,
  readings: '',
  zero: '',
  wire: '',
  markedWire: '',
  realMajor: '',
  micrometer: '',
  wireUncertainty: '',
};
export type MeasuringTyped = typeof EMPTY_MEASURING;
type MeasuringField = Exclude<keyof MeasuringTyped, 'method'>;

/** From readings to the pitch diameter, with its uncertainty and what is left of the band (GUM, ISO 14253-1). */
export function Measuring({
  member,
  typed,
  onType,
}: {
  member: MemberTable;
  typed: MeasuringTyped;
  onType: (typed: MeasuringTyped) => void;
}) {
  const { thread, limits, wire } = member;
  const { unit } = thread;
  const external = limits.side === 'external';
  // Inside there are two balls, whatever was chosen outside.
  const method = external ? typed.method : 'three-wires';
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);

  const usual: Record<Exclude<MeasuringField, 'readings'>, number> = {
    zero: 0,
    wire: wire.best,
    markedWire: wire.best,
    realMajor: (limits.major.min + (limits.major.max ?? limits.major.min)) / 2,
    micrometer: USUAL[unit].micrometer,
    wireUncertainty: USUAL[unit].wire,
  };
  const read = (name: keyof typeof usual): { value: number; problem?: string | undefined } => {
    if (typed[name].trim() === '') return { value: usual[name] };
    const length = parseLength(name, typed[name], unit);
    return length.ok
      ? { value: length.value.length.value }
      : { value: usual[name], problem: length.issues[0]?.message };
  };
  const list = parseLengthList('readings', typed.readings, unit);
  const readings = list.ok ? list.value.map(({ value }) => value) : [];
  const inHand = read('wire');

  const measurementOf = (reading: number): PitchMeasurement => {
    const zero = read('zero').value;
    const wireSize = inHand.value;
    if (method === 'thread-micrometer') return { method, reading, zero };
    return method === 'one-wire'
      ? { method, reading, zero, wire: wireSize, realMajor: read('realMajor').value }
      : { method, reading, zero, wire: wireSize };
  };
  const mean =
    readings.length === 0 ? null : readings.reduce((sum, reading) => sum + reading, 0) / readings.length;
  const measurement = mean === null ? null : measurementOf(mean);
  const pitchDiameter = measurement === null ? null : measuredPitchDiameter(thread, measurement);
  const possible =
    pitchDiameter === null || Math.abs(pitchDiameter - limits.pitchDiameter.max) < pitchOf(thread);
  const shownDiameter = possible ? pitchDiameter : null;
  const marked = read('markedWire');
  const offSize =
    method === 'thread-micrometer' || mean === null || typed.markedWire.trim() === ''
      ? null
      : wireSizeError(thread, marked.value, inHand.value, mean - read('zero').value);
  const uncertainty = pitchDiameterUncertainty({
    method,
    micrometerError: read('micrometer').value,
    wireUncertainty: read('wireUncertainty').value,
    readings,
    flankAngleDeg: formOf(thread).flankAngleDeg,
    side: thread.side,
  });
  const { expanded, contributions } = uncertainty;

  const field = (name: MeasuringField, label: string, note?: string, error?: string) => (
    <Field
      label={label}
      unit={unit}
      placeholder={name === 'readings' ? undefined : show(usual[name], name === 'wireUncertainty' ? 2 : 1)}
      value={typed[name]}
      error={error ?? (name === 'readings' ? undefined : read(name).problem)}
      note={note}
      onChange={(event) => onType({ ...typed, [name]: event.target.value })}
    />
  );
  const pieces = external ? 'Wires' : 'Balls';
  return (
    <section
      aria-label="Measuring"
      className={readings.length === 0 ? 'grid gap-2 print:hidden' : 'grid gap-2'}
    >
      <h2 className="text-xl">Measured, {member.designation}</h2>
      {external && (
        <div className="max-w-md print:hidden">
          <Choice
            label="Method"
            value={method}
            options={METHODS}
            onChange={(value) => onType({ ...typed, method: value as PitchMethod })}
          />
        </div>
      )}
      <div className="grid grid-cols-4 items-start gap-3 tablet:grid-cols-2 print:hidden">
        {field(
          'readings',
          'Readings, parted by spaces',
          undefined,
          list.ok
            ? possible
              ? undefined
              : 'That is no reading of this thread by this method. Read the micrometer again.'
            : list.issues[0]?.message,
        )}
        {field('zero', 'Micrometer’s zero reads', 'What it shows when closed; it is taken off.')}
        {method !== 'thread-micrometer' && (
          <>
            {field('wire', `${pieces} in hand, real size`)}
            {field('markedWire', `${pieces} as marked`, 'To see what a size that is off costs.')}
          </>
        )}
        {method === 'one-wire' && field('realMajor', 'Real major diameter')}
        {field('micrometer', 'Micrometer’s largest error ±')}
        {method !== 'thread-micrometer' && field('wireUncertainty', `${pieces}, standard uncertainty`)}
      </div>
      <div className="flex flex-wrap items-center gap-x-8 gap-y-3 bg-paper-raised p-3">
        <Figure
          size="large"
          label="Pitch diameter"
          why={measurement === null ? undefined : explainMeasuredPitchDiameter(thread, measurement)}
          value={
            shownDiameter === null ? null : (
              <span className="mt-1.5 -ml-1 inline-block">
                <CopyFigure label="pitch diameter" figures={show(shownDiameter)} />
              </span>
            )
          }
          unit={unit}
          sub={mean === null ? undefined : `mean reading ${show(mean, 1)}`}
        />
        <Figure
          size="large"
          label="Uncertainty, k = 2"
          why={explainUncertainty(uncertainty, unit)}
          value={`± ${show(expanded, 1)}`}
          unit={unit}
          sub={contributions.map(({ name, standard }) => `${name} ${show(standard, 1)}`).join(', ')}
        />
        {offSize !== null && (
          <Figure
            size="large"
            label={`By the marked size too ${offSize < 0 ? 'small' : 'large'} by`}
            value={show(Math.abs(offSize), 1)}
            unit={unit}
          />
        )}
        <GuardBand
          band={limits.pitchDiameter}
          guarded={guardedBand(limits.pitchDiameter, expanded)}
          measured={shownDiameter}
          expanded={expanded}
          text={show}
        />
      </div>
    </section>
  );
}
