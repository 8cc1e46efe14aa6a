'use client';

import { memo } from 'react';
import { Button, buttonClass } from '@/ui/kit/button';
import { PageLink } from '@/ui/kit/page-link';

/** What can be done with the plan: hand it out, or look at its sheet. */
export const PlanActions = memo(function PlanActions({
  ready,
  toMend,
  sheet,
  onHandOut,
}: {
  ready: boolean;
  /** How many fields stand in the way. */
  toMend: number;
  sheet: string;
  onHandOut: () => void;
}) {
  return (
    <div className="grid grid-cols-[1fr_auto] gap-2 border-t border-rule p-3">
      <Button tone="main" disabled={!ready} onClick={onHandOut}>
        Hand out…
      </Button>
      <PageLink href={sheet} className={buttonClass('plain')} aria-disabled={!ready}>
        Sheet
      </PageLink>
      {!ready && <p className="col-span-2 text-sm text-ink-soft">{stillToMend(toMend)}</p>}
    </div>
  );
});

function stillToMend(count: number): string {
  return `${count} ${count === 1 ? 'field' : 'fields'} to mend before it can be handed out.`;
}
