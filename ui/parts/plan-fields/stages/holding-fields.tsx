'use client';

import { holdingsOf, usualHolding, HOLDING_DATA } from '@/core/machine/technique/holdings';
import { PlanSelect, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { useUnits } from './use-units';

/** How the part is held; no centre where there is none. */
export function HoldingFields() {
  const { read } = usePlanning();
  const units = useUnits();
  const side = read.evaluation.thread?.side ?? 'external';
  return (
    <>
      <PlanSelect
        field="holding.kind"
        label="Held"
        proposed={usualHolding(side)}
        options={holdingsOf(side).map((value) => ({ value, text: HOLDING_DATA[value].option }))}
      />
      <PlanTextField
        field="holding.stickOut"
        label="Stick-out"
        unit={units.thread}
        hint="From the jaws. Over four diameters in the chuck alone the proposals go smaller."
      />
    </>
  );
}
