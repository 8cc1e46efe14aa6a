'use client';

import { suggestThreads } from '@/core/thread/standards/suggest';
import { Figure } from '@/ui/kit/figure';
import { useShowLength } from '@/ui/units/display-unit';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { usePlanWhys } from '../use-plan-whys';
import { StartsOrder } from './starts-order';

/** Exercise and thread, with the limits of size. */
export function ThreadFields() {
  const { values, read } = usePlanning();
  const { thread, limits } = read.evaluation;
  const whys = usePlanWhys();
  const show = useShowLength();
  const unit = thread?.unit ?? 'in';
  const limitsText = ({ min, max }: { min: number | null; max: number | null }) =>
    [min, max].map((limit) => (limit === null ? 'open' : show.figures(limit, unit))).join(' – ');
  return (
    <>
      <PlanTextField field="title" label="Exercise" autoFocus={values.title === ''} />
      <PlanTextField
        field="thread.designation"
        label="Thread"
        suggestions={suggestThreads(values.thread.designation)}
        hint="Outside or inside: 3/4-16 UNF-2A, #10-32, M16x2-6g, 7/8-9 UNC-2B, Tr30x6-7e; -LH for left-hand."
      />
      {thread !== null && thread.starts > 1 && <StartsOrder starts={thread.starts} />}
      {limits !== null && (
        <div className="grid gap-2 border-t border-rule pt-3">
          <Figure
            label="Major diameter"
            value={limitsText(limits.major)}
            unit={show.unitOf(unit)}
            why={whys.major}
          />
          <Figure
            label="Pitch diameter"
            value={limitsText(limits.pitchDiameter)}
            unit={show.unitOf(unit)}
            why={whys.pitchDiameter}
          />
          <Figure
            label="Minor diameter"
            value={limitsText(limits.minor)}
            unit={show.unitOf(unit)}
            why={whys.minor}
          />
        </div>
      )}
    </>
  );
}
