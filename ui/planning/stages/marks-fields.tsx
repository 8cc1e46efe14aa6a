'use client';

import { PlanTextField } from '../plan-field';

/** Points of the sections of the mark. */
export function MarksFields() {
  return (
    <>
      <p className="text-sm text-ink-soft">Points of the three sections of the mark; together 100.</p>
      <PlanTextField field="marking.setUp" label="Set-up" unit="points" />
      <PlanTextField field="marking.passes" label="Passes" unit="points" />
      <PlanTextField field="marking.result" label="Result" unit="points" />
    </>
  );
}
