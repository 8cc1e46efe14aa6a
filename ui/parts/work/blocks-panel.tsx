'use client';

import { Hand } from 'lucide-react';
import { useState } from 'react';
import { toMend, type Block } from '@/core/exercise/record/entry/block';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { Button } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';

const WORDS: Record<Block['kind'], string> = {
  hold: 'hold point, not signed off yet',
  wrong: 'outside of its limits',
  'open-critical': 'not recorded yet',
  'not-known': 'came with a later release, this one does not know it',
};

/** What stands in the way of the cut. To cut all the same is possible; it is recorded, shown and judged. */
export function BlocksPanel({
  blocks,
  canRecord,
  onGo,
  onAllTheSame,
}: {
  blocks: Prediction['blocks'];
  canRecord: boolean;
  onGo: (stepId: string) => void;
  onAllTheSame: () => void;
}) {
  const [asking, setAsking] = useState(false);
  const mend = toMend(blocks).length > 0;
  return (
    <section
      aria-label="What stands in the way"
      className="grid max-w-2xl gap-3 border-l-8 border-nogo bg-nogo-wash p-4"
    >
      <h2 className="flex items-center gap-2 text-3xl">
        <Hand aria-hidden className="size-8 text-nogo" />
        No cut yet
      </h2>
      <ul className="grid gap-2">
        {blocks.map(({ id, of, title, kind, says, sentBack }) => (
          <li key={`${kind}-${id}`} className="flex flex-wrap items-center gap-3 text-xl">
            <span>
              <strong>{title}</strong>: {sentBack === undefined ? WORDS[kind] : `sent back: ${sentBack}`}
              {says !== undefined && `; ${says}`}
            </span>
            {of === 'step' && <Button onClick={() => onGo(id)}>Go to it</Button>}
          </li>
        ))}
      </ul>
      {canRecord && (
        <div>
          <Button tone="quiet" onClick={() => setAsking(true)}>
            Cut all the same…
          </Button>
        </div>
      )}
      <Dialog
        open={asking}
        onOpenChange={setAsking}
        title="Cut all the same?"
        description={
          mend
            ? 'It is recorded, the instructor sees it, and it is judged. A wrong set-up can ruin the part, and more.'
            : 'Cut it only as the instructor has shown you. It is recorded as any other cut.'
        }
      >
        <div className="flex justify-end gap-2">
          <Button onClick={() => setAsking(false)}>{mend ? 'Mend it first' : 'Ask first'}</Button>
          <Button
            tone="main"
            onClick={() => {
              setAsking(false);
              onAllTheSame();
            }}
          >
            I have cut
          </Button>
        </div>
      </Dialog>
    </section>
  );
}
