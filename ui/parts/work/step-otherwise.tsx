'use client';

import { NOT_USED } from '@/core/exercise/record/entry/not-used';
import { useState } from 'react';
import type { EntryFields } from '@/core/exercise/record/entry/entry-kind';
import { wantedChoice } from '@/core/exercise/sheet/wanted-choice';
import type { SheetStep } from '@/core/exercise/sheet/sheet-step';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';

/** What else may have become of a step: found set, done by another, or not done; so that nobody ticks what was not done. */
export function StepOtherwise({
  step,
  value,
  mayBeUnused,
  onRecord,
}: {
  step: SheetStep;
  value: string;
  /** The cross slide can do its work instead: a compound that feeds. */
  mayBeUnused: boolean;
  onRecord: (fields: EntryFields) => void;
}) {
  const [how, setHow] = useState<'by-other' | 'not-done' | null>(null);
  const [said, setSaid] = useState('');
  // Levers that stood right already stand as the sheet shows them.
  const found = step.kind === 'order' || step.shows !== 'shown' ? null : wantedChoice(step);
  if (how === null)
    return (
      <div className="flex flex-wrap gap-2">
        {(found !== null || (step.kind !== 'choice' && step.kind !== 'order')) && (
          <Button onClick={() => onRecord({ how: 'found', ...(found !== null && { choice: found }) })}>
            Found set, checked
          </Button>
        )}
        <Button onClick={() => setHow('by-other')}>Done by another…</Button>
        {mayBeUnused && (
          <Button onClick={() => onRecord({ how: 'not-done', said: NOT_USED, value: '' })}>Not used</Button>
        )}
        <Button onClick={() => setHow('not-done')}>Not done…</Button>
      </div>
    );
  return (
    <div className="grid grid-cols-[1fr_auto_auto] items-end gap-2">
      <Field
        label={how === 'by-other' ? 'Who did it' : 'Why it was not done'}
        value={said}
        onChange={(event) => setSaid(event.target.value)}
        autoFocus
      />
      <Button tone="main" onClick={() => onRecord({ how, said, value: how === 'not-done' ? '' : value })}>
        Record it so
      </Button>
      <Button onClick={() => setHow(null)}>Back</Button>
    </div>
  );
}
