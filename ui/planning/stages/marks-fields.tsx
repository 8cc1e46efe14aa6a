'use client';

import { PlanTextField } from '../plan-field';

/** Points of the sections of the mark. */
export function MarksFields() {
  return (
    <>
      <p className="text-sm text-ink-soft">Points of the three sections of the mark; together 100.</p>
      <PlanTextField field="markSetUp" label="Set-up" unit="points" />
      <PlanTextField field="markPasses" label="Passes" unit="points" />
      <PlanTextField field="markResult" label="Result" unit="points" />
    </>
  );
}
