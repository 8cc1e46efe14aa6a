'use client';

import { capital, MEASURING_WORDS } from '@/core/gauging';
import { Figure } from '../kit/figure';
import { useShowLength } from '../units/display-unit';
import { PlanTextField } from '../planning/plan-field';
import { usePlanning } from '../planning/planning-context';
import { usePlanWhys } from '../planning/use-plan-whys';
import { plain } from '../planning/stages/plain';
import { useUnits } from '../planning/stages/use-units';

/** Target pitch diameter, and the wires or balls in hand. */
export function TargetAndWires() {
  const { read } = usePlanning();
  const units = useUnits();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { thread, limits, overWires, wireRange, bestWire } = read.evaluation;
  const words = MEASURING_WORDS[thread?.side ?? 'external'];
  const band = (low: number, high: number, extra = 0) =>
    `${show.figures(low, units.thread, extra)} – ${show.figures(high, units.thread, extra)}`;
  return (
    <>
      <PlanTextField
        field="proof.target"
        label="Target pitch diameter"
        unit={units.thread}
        proposed={plain(read.defaults?.targetPitchDiameter)}
        hint={
          limits === null ? undefined : `Band ${band(limits.pitchDiameter.min, limits.pitchDiameter.max)}.`
        }
      />
      <PlanTextField
        field="proof.evidence.0.wire"
        label={`${capital(words.pieces)} in hand`}
        unit={units.thread}
        proposed={plain(read.defaults?.wireDiameter)}
        hint={
          bestWire === null || wireRange === null
            ? undefined
            : `Best ${show.figures(bestWire, units.thread, 1)}; usable ${band(wireRange.min, wireRange.max)}.`
        }
      />
      {overWires !== null && (
        <Figure
          label={`${capital(words.over)}, limits`}
          value={band(overWires.min, overWires.max)}
          unit={show.unitOf(units.thread)}
          why={whys.overWires}
        />
      )}
    </>
  );
}
