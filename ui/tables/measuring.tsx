'use client';

import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { guardedBand, overOneWire, pitchDiameterFrom, pitchDiameterUncertainty } from '@/core/gauging';
import type { MemberTable } from '@/core/tables';
import { leadOf, pitchOf } from '@/core/thread';
import { formatLength, parseLength, type LengthUnit } from '@/core/units';
import { Field } from '../kit/field';
import { Figure } from '../kit/figure';

/** Usual values; common practice: a tenth of a thousandth on a micrometer, a certified set of wires. */
const USUAL: Record<LengthUnit, { micrometer: number; wire: number }> = {
  in: { micrometer: 0.0001, wire: 0.00001 },
  mm: { micrometer: 0.003, wire: 0.00025 },
};

/** Reads a list of readings parted by spaces, with what is wrong in the first bad one. */
export function readReadings(text: string, unit: LengthUnit): { readings: number[]; problem?: string } {
  const readings: number[] = [];
  for (const part of text
    .trim()
    .split(/[\s;]+/)
    .filter((each) => each !== '')) {
    const read = parseLength('readings', part, unit);
    if (!read.ok) return { readings: [], problem: read.issues[0]?.message };
    readings.push(read.value.length.value);
  }
  return { readings };
}

/** From readings over wires to the pitch diameter, with its uncertainty and what is left of the band (GUM, ISO 14253-1). */
export function Measuring({ member }: { member: MemberTable }) {
  const { thread, limits, wire } = member;
  const { unit } = thread;
  const [typed, setTyped] = useState({ readings: '', wire: '', micrometer: '', wireUncertainty: '' });
  const set = (name: keyof typeof typed) => (event: { target: { value: string } }) =>
    setTyped({ ...typed, [name]: event.target.value });
  const length = (text: string, usual: number) => {
    if (text.trim() === '') return { value: usual };
    const read = parseLength('length', text, unit);
    return read.ok ? { value: read.value.length.value } : { value: usual, problem: read.issues[0]?.message };
  };
  const { readings, problem } = readReadings(typed.readings, unit);
  const wireRead = length(typed.wire, wire.best);
  const micrometer = length(typed.micrometer, USUAL[unit].micrometer);
  const wireUncertainty = length(typed.wireUncertainty, USUAL[unit].wire);
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const external = limits.side === 'external';

  const wireCase = { pitch: pitchOf(thread), lead: leadOf(thread), wire: wireRead.value, side: limits.side };
  const mean =
    readings.length === 0 ? null : readings.reduce((sum, reading) => sum + reading, 0) / readings.length;
  const possible = mean !== null && Math.abs(mean - wire.over.max) < 2 * pitchOf(thread);
  const pitchDiameter = mean !== null && possible ? pitchDiameterFrom(wireCase, mean) : null;
  const { expanded, contributions } = pitchDiameterUncertainty({
    micrometerError: micrometer.value,
    wireUncertainty: wireUncertainty.value,
    readings,
  });
  const guarded = guardedBand(limits.pitchDiameter, expanded);

  return (
    <section aria-label="Measuring" className="col-span-full grid gap-2">
      <h2 className="text-xl">
        Measured over {external ? 'three wires' : 'two balls'}, {member.designation}
      </h2>
      <div className="grid grid-cols-4 gap-3 tablet:grid-cols-2 print:hidden">
        <Field
          label="Readings, parted by spaces"
          unit={unit}
          value={typed.readings}
          error={
            problem ??
            (mean !== null && !possible
              ? `This thread reads ${show(wire.over.min)} to ${show(wire.over.max)} over best wires.`
              : undefined)
          }
          note="Take the micrometer’s zero error off first."
          onChange={set('readings')}
        />
        <Field
          label={external ? 'Wires in hand' : 'Balls in hand'}
          unit={unit}
          placeholder={show(wire.best, 1)}
          value={typed.wire}
          error={wireRead.problem}
          onChange={set('wire')}
        />
        <Field
          label="Micrometer’s largest error ±"
          unit={unit}
          placeholder={String(USUAL[unit].micrometer)}
          value={typed.micrometer}
          error={micrometer.problem}
          onChange={set('micrometer')}
        />
        <Field
          label="Wire’s standard uncertainty"
          unit={unit}
          placeholder={String(USUAL[unit].wire)}
          value={typed.wireUncertainty}
          error={wireUncertainty.problem}
          onChange={set('wireUncertainty')}
        />
      </div>
      <div className="grid grid-cols-[auto_auto_auto_minmax(0,1fr)] items-center gap-6 bg-paper-raised p-3 tablet:grid-cols-3">
        <Figure
          size="large"
          label="Pitch diameter"
          value={pitchDiameter === null ? null : show(pitchDiameter)}
          unit={unit}
          sub={mean === null ? undefined : `mean reading ${show(mean, 1)}`}
        />
        <Figure
          size="large"
          label="Uncertainty, k = 2"
          value={`± ${show(expanded, 1)}`}
          unit={unit}
          sub={contributions.map(({ name, standard }) => `${name} ${show(standard, 1)}`).join(', ')}
        />
        <Figure
          size="large"
          label={external ? 'Over one wire, at target' : 'NO-GO plug'}
          value={
            external
              ? show(overOneWire((wire.over.min + wire.over.max) / 2, limits.major.max))
              : show(member.gauges.noGo)
          }
          unit={unit}
          sub={external ? 'at the largest major' : undefined}
        />
        <GuardBand
          band={limits.pitchDiameter}
          guarded={guarded}
          measured={pitchDiameter}
          expanded={expanded}
          text={show}
        />
      </div>
    </section>
  );
}

/** The band, what the uncertainty leaves of it, and the measured value with its uncertainty, to scale. */
function GuardBand({
  band,
  guarded,
  measured,
  expanded,
  text,
}: {
  band: { min: number; max: number };
  guarded: { min: number; max: number } | null;
  measured: number | null;
  expanded: number;
  text: (value: number) => string;
}) {
  const span = band.max - band.min;
  const x = scaleLinear([band.min - span / 3, band.max + span / 3], [0, 480]);
  const words = verdict(band, guarded, measured);
  return (
    <svg
      role="img"
      aria-label={`Band ${text(band.min)} to ${text(band.max)}. ${words}`}
      viewBox="0 0 480 84"
      className="w-full max-w-xl tablet:col-span-3"
    >
      <rect
        x={x(band.min)}
        y="28"
        width={x(band.max) - x(band.min)}
        height="18"
        fill="var(--color-brass-wash)"
        stroke="var(--color-brass)"
      />
      {guarded !== null && (
        <rect
          x={x(guarded.min)}
          y="28"
          width={x(guarded.max) - x(guarded.min)}
          height="18"
          fill="var(--color-go-wash)"
          stroke="var(--color-go)"
        />
      )}
      {measured !== null && (
        <g stroke="var(--color-ink)" strokeWidth="2">
          <path d={`M${x(measured)} 20 V54 M${x(measured - expanded)} 37 H${x(measured + expanded)}`} />
        </g>
      )}
      <g fontSize="13" className="figures" fill="var(--color-ink)" textAnchor="middle">
        <text x={x(band.min)} y="18">
          {text(band.min)}
        </text>
        <text x={x(band.max)} y="18">
          {text(band.max)}
        </text>
        <text x="240" y="74" className="font-text">
          {words}
        </text>
      </g>
    </svg>
  );
}

/** What the measured value proves. */
export function verdict(
  band: { min: number; max: number },
  guarded: { min: number; max: number } | null,
  measured: number | null,
): string {
  if (guarded === null) return 'The uncertainty eats the whole band: measure better.';
  if (measured === null) return 'Inside the green part the thread is proved.';
  if (measured >= guarded.min && measured <= guarded.max) return '● Proved inside the limits.';
  if (measured < band.min || measured > band.max) return '⊘ Outside the limits.';
  return '▲ Inside, but too near a limit to be proved.';
}
