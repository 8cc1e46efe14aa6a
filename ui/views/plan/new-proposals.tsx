'use client';

import { useState } from 'react';
import { leafOf, type PlanField } from '@/core/exercise/plan/draft';
import { Button } from '@/ui/kit/button';
import { usePlanning, type Planning } from '@/ui/parts/plan-fields/planning-context';

/** Lengths that follow from the thread where nothing is typed. */
const FOLLOWING: readonly PlanField[] = [
  'work.diameter',
  'work.end.width',
  'work.end.boss',
  'work.end.standOff',
  'work.end.imperfect',
  'tool.tip.flat',
  'tool.tip.radius',
  'tool.tip.pitchFrom',
  'tool.tip.pitchTo',
  'proof.target',
  'proof.evidence.0.wire',
];

/**
 * Lengths that were typed for another thread and can not be right for this one: one touch takes the proposals for this
 * thread, another goes back to what was typed.
 */
export function useNewProposals({ form, values, read }: Pick<Planning, 'form' | 'values' | 'read'>) {
  const [setAside, setSetAside] = useState<Partial<Record<PlanField, string>>>({});
  const stale = FOLLOWING.filter(
    (field) => leafOf(values, field).trim() !== '' && read.issues.some((issue) => issue.field === field),
  );
  const change = (field: PlanField, text: string) =>
    form.setValue(field, text, { shouldDirty: true, shouldTouch: true });
  return {
    stale,
    setAside,
    take: () => {
      setSetAside(Object.fromEntries(stale.map((field) => [field, leafOf(values, field)])));
      stale.forEach((field) => change(field, ''));
    },
    goBack: () => {
      Object.entries(setAside).forEach(([field, text]) => change(field as PlanField, text ?? ''));
      setSetAside({});
    },
  };
}

export function NewProposals({ stale, setAside, take, goBack }: ReturnType<typeof useNewProposals>) {
  const { values, read } = usePlanning();
  const old = Object.values(setAside);
  if (read.evaluation.thread === null || (stale.length === 0 && old.length === 0)) return null;
  return (
    <div
      role="group"
      aria-label="Lengths of another thread"
      className="grid gap-2 border-l-4 border-brass-bright bg-brass-wash p-2"
    >
      {stale.length > 0 ? (
        <>
          <p className="text-sm">
            {stale.length === 1 ? 'One length does' : `${stale.length} lengths do`} not fit this thread:{' '}
            <span className="figures">{stale.map((field) => leafOf(values, field)).join(', ')}</span>.
          </p>
          <Button onClick={take}>Take the proposals for it</Button>
        </>
      ) : (
        <>
          <p className="text-sm">
            Proposals of this thread taken. Typed before: <span className="figures">{old.join(', ')}</span>.
          </p>
          <Button tone="quiet" onClick={goBack}>
            Go back to what was typed
          </Button>
        </>
      )}
    </div>
  );
}
