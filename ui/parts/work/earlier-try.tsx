'use client';

import { useState } from 'react';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import type { AttemptRecord } from './use-record';

/** Steps that stood at the end of an earlier try on the same lathe. */
export interface EarlierSteps {
  tryNumber: number;
  steps: { stepId: string; value: number | null; choice: string | null; count: number | null }[];
}

/** A new try on the same lathe: what stands from the try before is taken over by one touch; critical steps are looked at anew. */
export function EarlierTry({
  earlier,
  prediction,
  add,
}: {
  earlier: EarlierSteps | null;
  prediction: Prediction;
  add: AttemptRecord['add'];
}) {
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  if (earlier === null || prediction.cuts.length > 0) return null;
  const open = earlier.steps.filter(({ stepId }) =>
    prediction.steps.some(
      ({ step, verdict }) =>
        step.id === stepId &&
        verdict === 'open' &&
        !step.critical &&
        !step.hold &&
        step.when === 'before-cutting',
    ),
  );
  if (open.length === 0) return null;

  async function takeOver() {
    setBusy(true);
    for (const { stepId, value, choice, count } of open) {
      const fields: EntryFields = {
        kind: 'step',
        stepId,
        how: 'stands',
        fromTry: String(earlier?.tryNumber ?? 1),
        ...(value === null ? {} : { value: String(value) }),
        ...(choice === null ? {} : { choice }),
        ...(count === null ? {} : { count: String(count) }),
      };
      const added = await add(fields);
      if (!added.ok) {
        setProblem(added.message);
        break;
      }
    }
    setBusy(false);
  }

  return (
    <section
      aria-label="From the try before"
      className="flex flex-wrap items-center gap-3 border-b border-rule bg-brass-wash p-3"
    >
      <p className="min-w-0 flex-1">
        Same lathe as in try {earlier.tryNumber}: {open.length} {open.length === 1 ? 'step' : 'steps'} may
        still stand. Critical ones are looked at anew.
      </p>
      <Button disabled={busy} onClick={() => void takeOver()}>
        They stand as they are
      </Button>
      {problem !== null && <Message tone="error">{problem}</Message>}
    </section>
  );
}
