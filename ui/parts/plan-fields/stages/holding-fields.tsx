'use client';

import { holdingsOf } from '@/core/machine/technique/forbidden';
import { PlanSelect, PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';
import { HOLDING_TEXTS, optionsOf } from './option-texts';
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
        proposed={side === 'external' ? 'chuck-and-centre' : 'chuck'}
        options={optionsOf(holdingsOf(side), HOLDING_TEXTS)}
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
