'use client';

import { capital } from '@/core/gauging';
import { dialText } from '@/core/lathe';
import type { Prediction } from '@/core/record';
import type { Sheet } from '@/core/sheet';
import { Figure } from '../kit/figure';
import { TargetStrip } from '../kit/target-strip';
import { useShowLength } from '../units/display-unit';

/** What the student works towards, always in view. */
export function AttemptStrip({ sheet, prediction }: { sheet: Sheet; prediction: Prediction }) {
  const show = useShowLength();
  const { limits, words, thread, speed } = sheet;
  const { overWires } = sheet.wires;
  const { unit } = thread;
  const { perTurn } = sheet.lathe.dial;
  const shown = show.unitOf(unit);
  const figures = (value: number) => show.figures(value, unit);
  const last = prediction.passes.at(-1);
  return (
    <TargetStrip label="Target">
      <Figure
        onDye
        size="large"
        label="Thread"
        value={thread.designation}
        sub={`${words.work} ${figures(sheet.workDiameter)}`}
      />
      <Figure
        onDye
        size="large"
        label={capital(words.over)}
        value={figures(overWires.target)}
        unit={shown}
        sub={`${figures(overWires.min)} – ${figures(overWires.max)}`}
      />
      <Figure
        onDye
        size="large"
        label="Pitch diameter"
        value={figures(sheet.targetPitchDiameter)}
        unit={shown}
        sub={`${figures(limits.pitchDiameter.min)} – ${figures(limits.pitchDiameter.max)}`}
      />
      <Figure
        onDye
        size="large"
        label={`${capital(words.compound)} at`}
        value={dialText(prediction.reading, perTurn)}
        unit={prediction.reading.unit}
        sub={last === undefined ? undefined : `plan ends at ${dialText(last.dialReading, perTurn)}`}
      />
      <Figure
        onDye
        size="large"
        label={`${capital(words.compound)} left`}
        value={prediction.remaining === null ? null : figures(Math.max(0, prediction.remaining.compound))}
        unit={shown}
        sub={prediction.remaining === null ? 'measure to know' : 'by measurement'}
        attend={prediction.remaining !== null && prediction.remaining.compound <= 0}
      />
      <Figure
        onDye
        size="large"
        label="Speed"
        value={String(speed.rpm)}
        unit="rpm"
        sub={`${speed.timeInRunOut.toFixed(1)} s in run-out`}
      />
    </TargetStrip>
  );
}
