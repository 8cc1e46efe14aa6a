'use client';

import { Hand } from 'lucide-react';
import { liveEntries, isKind, type Entry } from '@/core/exercise/record/entry/entry';
import { Button } from '@/ui/kit/button';
import type { AttemptRecord } from './use-record';

/** Raises a hand: the floor shows it at once, until somebody comes or it is taken down. */
export function HandButton({
  entries,
  busy,
  add,
}: {
  entries: readonly Entry[];
  busy: boolean;
  add: AttemptRecord['add'];
}) {
  const raised = liveEntries(entries).findLast(isKind('hand'))?.content.raised === true;
  return (
    <Button
      tone={raised ? 'main' : 'plain'}
      aria-pressed={raised}
      disabled={busy}
      onClick={() => void add({ kind: 'hand', raised: raised ? 'no' : 'yes' })}
    >
      <Hand aria-hidden className="size-5" />
      {raised ? 'Hand is raised' : 'Raise a hand'}
    </Button>
  );
}
