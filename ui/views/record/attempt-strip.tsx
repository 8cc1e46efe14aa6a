'use client';

import type { Length } from '@/core/base/units/length';
import { onDialNow } from '@/core/exercise/sheet/on-dial-now';
import { capital } from '@/core/measuring/gauging/measuring-words';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { isHeldBack, TO_BE_FOUND } from '@/core/exercise/sheet/held-back';
import { shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { Figure } from '@/ui/kit/figure';
import { TargetStrip } from '@/ui/kit/target-strip';
import { useShowLength } from '@/ui/units/display-unit';
import { slideWord } from '@/ui/parts/sheet/slide-word';

/** What the student works towards, always in view. */
export function AttemptStrip({ sheet, prediction }: { sheet: Sheet; prediction: Prediction }) {
  const show = useShowLength();
  const { limits, words, thread, speed } = sheet;
  const { overWires } = sheet.wires;
  const { unit } = thread;
  const wires = sheet.proof.some(({ kind }) => kind === 'wires');
  const [proof] = sheet.proof;
  const slide = capital(slideWord(sheet));
  const shown = show.unitOf(unit);
  const figures = (value: number) => show.figures(value, unit);
  const last = prediction.passes.at(-1);
  return (
    <TargetStrip label="Target" fitting>
      <Figure
        onDye
        size="large"
        label="Thread"
        value={thread.designation}
        sub={`${words.work} ${isHeldBack(sheet, 'blank') ? TO_BE_FOUND : figures(sheet.workDiameter)}`}
      />
      {wires ? (
        <Figure
          onDye
          size="large"
          label={capital(words.over)}
          value={isHeldBack(sheet, 'over-wires') ? null : figures(overWires.target)}
          unit={shown}
          sub={
            isHeldBack(sheet, 'over-wires')
              ? TO_BE_FOUND
              : `${figures(overWires.min)} – ${figures(overWires.max)}`
          }
        />
      ) : (
        proof !== undefined && (
          <Figure
            onDye
            size="large"
            label="Proof"
            value={
              <span className="block max-w-40 font-text text-base leading-tight font-semibold whitespace-normal">
                {proof.title}
              </span>
            }
            sub={proof.strength.split(':')[0]}
          />
        )
      )}
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
        label={`${slide} at`}
        value={shownOnSheet(prediction.reading, sheet)}
        unit={prediction.reading.unit}
        sub={
          last === undefined
            ? undefined
            : `plan ends at ${shownOnSheet(endsAt(sheet, last.dialReading, prediction), sheet)}`
        }
      />
      <Figure
        onDye
        size="large"
        label={`${slide} left`}
        value={prediction.remaining === null ? null : figures(Math.max(0, prediction.remaining.compound))}
        unit={shown}
        sub={prediction.remaining === null ? 'measure to know' : 'by measurement'}
        attend={prediction.remaining !== null && prediction.remaining.compound <= 0}
      />
      <Figure
        onDye
        size="large"
        label="Speed"
        value={isHeldBack(sheet, 'speed') ? null : String(speed.rpm)}
        unit="rpm"
        sub={
          isHeldBack(sheet, 'speed')
            ? TO_BE_FOUND
            : speed.timeInRunOut === null
              ? undefined
              : `${Math.max(0, speed.timeInRunOut).toFixed(1)} s to act`
        }
      />
    </TargetStrip>
  );
}

/** A figure of the plan on the dial as it is zeroed now. */
const endsAt = (sheet: Sheet, { value, unit }: Length, { segment }: Prediction): Length => ({
  value: onDialNow(sheet, segment.planAtZero, value),
  unit,
});
