'use client';

import type { AttemptProgress } from '@/core/attempt';
import { capital, MEASURING_WORDS } from '@/core/gauging';
import type { DerivedPlan } from '@/core/plan';
import { Figure } from '../kit/figure';
import { TargetStrip } from '../kit/target-strip';
import { useShowLength } from '../units/display-unit';
import { dialText } from '../units/dial-text';

/** What the student works towards, always in view. */
export function AttemptStrip({ derived, progress }: { derived: DerivedPlan; progress: AttemptProgress }) {
  const show = useShowLength();
  const { limits, overWires, plan } = derived;
  const words = MEASURING_WORDS[derived.thread.side];
  const unit = derived.thread.unit;
  const shown = show.unitOf(unit);
  const figures = (value: number) => show.figures(value, unit);
  const last = derived.passes.at(-1);
  return (
    <TargetStrip label="Target">
      <Figure
        onDye
        size="large"
        label="Thread"
        value={plan.thread}
        sub={`${words.work} ${figures(derived.blank)}`}
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
        value={figures(derived.target)}
        unit={shown}
        sub={`${figures(limits.pitchDiameter.min)} – ${figures(limits.pitchDiameter.max)}`}
      />
      <Figure
        onDye
        size="large"
        label="Compound at"
        value={dialText(progress.reading, plan.dial.perTurn)}
        unit={progress.reading.unit}
        sub={last === undefined ? undefined : `plan ends at ${dialText(last.dialReading, plan.dial.perTurn)}`}
      />
      <Figure
        onDye
        size="large"
        label="Compound left"
        value={progress.remaining === null ? null : figures(Math.max(0, progress.remaining.compound))}
        unit={shown}
        sub={progress.remaining === null ? 'measure to know' : 'by measurement'}
        attend={progress.remaining !== null && progress.remaining.compound <= 0}
      />
      <Figure
        onDye
        size="large"
        label="Speed"
        value={String(plan.spindleSpeedRpm)}
        unit="rpm"
        sub={`${derived.timeInRunOut.toFixed(1)} s in run-out`}
      />
    </TargetStrip>
  );
}
