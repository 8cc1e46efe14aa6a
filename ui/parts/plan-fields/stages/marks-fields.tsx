'use client';

import { WORKSHEET_ASKS } from '@/core/learning/worksheet/asks';
import { PlanTextField } from '../plan-field';
import { usePlanning } from '../planning-context';

/** Points of the sections of the mark. */
export function MarksFields() {
  const { values } = usePlanning();
  const asked = WORKSHEET_ASKS.some((ask) => values.worksheet[ask] === 'yes');
  return (
    <>
      <p className="text-sm text-ink-soft">Points of the sections of the mark; together 100.</p>
      {asked && <PlanTextField field="marking.worksheet" label="Worksheet" unit="points" />}
      <PlanTextField field="marking.setUp" label="Set-up" unit="points" />
      <PlanTextField field="marking.passes" label="Passes" unit="points" />
      <PlanTextField field="marking.result" label="Result" unit="points" />
    </>
  );
}
