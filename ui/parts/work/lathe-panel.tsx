'use client';

import { useState } from 'react';
import { Button } from '@/ui/kit/button';
import { Message } from '@/ui/kit/message';
import { StandingMark } from '@/ui/kit/state-mark';
import type { AttemptRecord } from './use-record';

/** The lathe on which the work is made: every number comes from its sheet. It can be changed until the first cut. */
export function LathePanel({
  lathes,
  chosen,
  canChange,
  add,
  onDone,
}: {
  lathes: readonly { sheetId: number; name: string }[];
  chosen: number | null;
  canChange: boolean;
  add: AttemptRecord['add'];
  onDone: () => void;
}) {
  const [problem, setProblem] = useState<string | null>(null);

  async function choose(sheetId: number, name: string) {
    if (sheetId === chosen) return onDone();
    const added = await add({ kind: 'lathe', sheetId: String(sheetId), name });
    if (added.ok) onDone();
    setProblem(added.ok ? null : added.message);
  }

  return (
    <div className="grid max-w-3xl content-start gap-5 p-6 tablet:p-4">
      <div className="flex items-center gap-3">
        <StandingMark standing={chosen === null ? 'open' : 'done'} size={30} />
        <h2 className="text-4xl">Lathe</h2>
      </div>
      <p className="text-xl leading-snug">
        {canChange
          ? 'At which lathe do you work? Marks, readings and speeds are worked out for it.'
          : 'The first cut is made: this piece stays on its lathe.'}
      </p>
      <div className="grid max-w-xl grid-cols-2 gap-3">
        {lathes.map(({ sheetId, name }) => (
          <Button
            key={sheetId}
            size="bench"
            tone={sheetId === chosen ? 'main' : 'plain'}
            aria-pressed={sheetId === chosen}
            disabled={!canChange}
            onClick={() => void choose(sheetId, name)}
          >
            {name}
          </Button>
        ))}
      </div>
      {problem !== null && <Message tone="error">{problem}</Message>}
    </div>
  );
}
