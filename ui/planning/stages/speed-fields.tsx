'use client';

import { Figure } from '../../kit/figure';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { usePlanWhys } from '../use-plan-whys';

/** Spindle speed, and the time it leaves. */
export function SpeedFields() {
  const { read } = usePlanning();
  const whys = usePlanWhys();
  const { timeInRunOut } = read.evaluation;
  return (
    <>
      <PlanTextField
        field="technique.speed"
        label="Spindle speed"
        unit="rpm"
        hint="Beginners 60 to 120. Obey the machine’s placards."
      />
      {timeInRunOut !== null && (
        <Figure
          label="Time in the run-out groove"
          value={timeInRunOut.toFixed(1)}
          unit="s"
          why={whys.timeInRunOut}
        />
      )}
    </>
  );
}
