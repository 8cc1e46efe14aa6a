import { capital, MEASURING_WORDS } from '@/core/measuring/gauging/measuring-words';
import type { PlanField } from '@/core/exercise/plan/draft';
import { Figure } from '@/ui/kit/figure';
import { useShowLength } from '@/ui/units/display-unit';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { usePlanWhys } from '../use-plan-whys';
import { plain } from './plain';
import { useUnits } from './use-units';

/** The wires or balls in hand, with the best and the usable ones, and what the limits measure over them. */
export function WiresFields({ field }: { field: PlanField }) {
  const { read } = usePlanning();
  const units = useUnits();
  const whys = usePlanWhys();
  const show = useShowLength();
  const { thread, overWires, wireRange, bestWire } = read.evaluation;
  const words = MEASURING_WORDS[thread?.side ?? 'external'];
  const band = (low: number, high: number, extra = 0) =>
    `${show.figures(low, units.thread, extra)} – ${show.figures(high, units.thread, extra)}`;
  return (
    <>
      <PlanTextField
        field={field}
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
