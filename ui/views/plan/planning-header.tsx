'use client';

import { memo, useState } from 'react';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { Header } from '@/ui/shell/header';
import type { KeyBinding } from '@/ui/shell/use-keys';
import { LatheLookedAt } from './lathe-looked-at';
import { fetchedPart } from '@/ui/kit/fetched-part';
import type { SavingState } from './use-draft-saving';

const LendDialog = fetchedPart(() => import('./lend-dialog'), 'Opening…');

/** Which exercise, whether it is saved, on which lathe it is seen. */
export const PlanningHeader = memo(function PlanningHeader({
  who,
  title,
  keys,
  state,
  problem,
  onChooseVersion,
  lathes,
  lathe,
  onLookAt,
  handedOut,
  exerciseId,
  inClass,
  lentFrom,
  otherClasses,
}: {
  who: { name: string; role: string };
  title: string;
  keys: readonly KeyBinding[];
  state: SavingState;
  problem: string | null;
  onChooseVersion: () => void;
  lathes: readonly { id: number; lathe: Lathe }[];
  lathe: Lathe;
  onLookAt: (id: number) => void;
  /** Number of the revision that is handed out, if one is. */
  handedOut: number | undefined;
  exerciseId: number;
  /** The class it is made in, where one teaches several. */
  inClass: string | null;
  lentFrom: string | null;
  otherClasses: readonly { id: number; name: string }[];
}) {
  const [lending, setLending] = useState(false);
  return (
    <Header who={who} title={title === '' ? 'New exercise' : title} keys={keys}>
      <SavingText state={state} problem={problem} onChoose={onChooseVersion} />
      <LatheLookedAt lathes={lathes} chosen={lathe} onChoose={onLookAt} />
      {(handedOut !== undefined || inClass !== null || lentFrom !== null) && (
        <span className="min-w-0 truncate text-sm text-ink-soft tablet:hidden">
          {[
            ...(inClass === null ? [] : [inClass]),
            ...(lentFrom === null ? [] : [`lent from ${lentFrom}`]),
            ...(handedOut === undefined
              ? []
              : [
                  inClass === null && lentFrom === null
                    ? `revision ${handedOut} is handed out`
                    : `rev ${handedOut}`,
                ]),
          ].join(' · ')}
        </span>
      )}
      {otherClasses.length > 0 && (
        <button
          type="button"
          onClick={() => setLending(true)}
          className="min-h-9 text-sm whitespace-nowrap underline underline-offset-2 tablet:min-h-12"
        >
          Lend…
        </button>
      )}
      {lending && (
        <LendDialog exerciseId={exerciseId} classes={otherClasses} onClose={() => setLending(false)} />
      )}
    </Header>
  );
});

function SavingText({
  state,
  problem,
  onChoose,
}: {
  state: SavingState;
  problem: string | null;
  onChoose: () => void;
}) {
  if (state === 'conflict') {
    return (
      <button type="button" onClick={onChoose} className="min-h-9 text-sm font-medium text-nogo underline">
        Two versions: choose
      </button>
    );
  }
  const text = {
    saved: 'Draft saved',
    typing: 'Draft changed',
    saving: 'Saving…',
    waiting: `Not saved yet: ${problem ?? ''} It is sent by itself.`,
    refused: problem ?? 'Not saved',
  }[state];
  return (
    <span
      role="status"
      className={`min-w-0 truncate text-sm ${state === 'waiting' || state === 'refused' ? 'font-medium text-nogo' : 'text-ink-soft'}`}
    >
      {text}
    </span>
  );
}
