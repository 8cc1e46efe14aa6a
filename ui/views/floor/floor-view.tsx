'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import { byLathe, handedInFirst, waitingFirst, type Floor } from '@/core/exercise/board/floor';
import type { Role } from '@/core/people/role';
import { fetchedPart } from '@/ui/kit/fetched-part';
import { PageLink } from '@/ui/kit/page-link';
import { useToast } from '@/ui/kit/toast';
import { rememberClass } from '@/ui/shell/class-on-view';
import { Header } from '@/ui/shell/header';
import { useNews } from '@/ui/shell/news';
import { ask, NO_ANSWER } from '@/ui/shell/ask';
import { HandedIn } from './handed-in';
import { LatheCards } from './lathe-cards';
import { useNow } from './use-now';
import { WaitingList } from './waiting-list';

const CheckPanel = fetchedPart(() => import('./check-panel'), 'Reading the record.', { ahead: true });

/** The floor: who waits at which lathe, longest first; what every lathe does; and the look at one of them. */
export function FloorView({ first, who }: { first: Floor; who: { name: string; role: Role } }) {
  const say = useToast();
  const [floor, setFloor] = useState(first);
  const [chosen, setChosen] = useState<number | null>(null);
  const now = useNow(floor.now);
  const { classId } = floor;

  useEffect(() => rememberClass(classId), [classId]);

  const look = useCallback(async () => {
    const sent = await ask<Floor>(`/api/classes/${classId}/floor`);
    if (sent.ok) setFloor(sent.value);
  }, [classId]);
  useNews(() => void look());

  const waiting = useMemo(() => waitingFirst(floor.pieces), [floor]);
  const handedIn = useMemo(() => handedInFirst(floor.pieces), [floor]);
  const lathes = useMemo(() => byLathe(floor), [floor]);
  const piece = floor.pieces.find(({ attemptId }) => attemptId === chosen) ?? null;
  const keys = useMemo(
    () => [
      {
        key: 'w',
        does: 'Whoever waits longest',
        run: () => setChosen(waiting[0]?.attemptId ?? null),
      },
      {
        key: 'a',
        does: 'The piece handed in first',
        run: () => setChosen(handedIn[0]?.attemptId ?? null),
      },
    ],
    [waiting, handedIn],
  );

  return (
    <div className="grid h-dvh grid-rows-[auto_auto_minmax(0,1fr)]">
      <Header who={who} title={`Floor: ${floor.className}`} keys={keys}>
        {floor.classes
          .filter(({ id }) => id !== classId)
          .map(({ id, name }) => (
            <PageLink key={id} href={`/floor?class=${id}`} className="text-sm underline underline-offset-2">
              {name}
            </PageLink>
          ))}
      </Header>
      <section aria-label="In figures" className="flex gap-6 bg-dye px-4 py-2 text-scribe">
        <span>
          <strong className="figures text-2xl text-brass-bright">{waiting.length}</strong>{' '}
          {waiting.length === 1 ? 'waits' : 'wait'}
        </span>
        <span>
          <strong className="figures text-2xl">
            {lathes.filter(({ pieces }) => pieces.length > 0).length}
          </strong>{' '}
          of {lathes.length} lathes at work
        </span>
        <span>
          <strong className="figures text-2xl">{handedIn.length}</strong> handed in
        </span>
        <span>
          <strong className="figures text-2xl">{floor.next.length}</strong> not begun
        </span>
      </section>
      <main className="grid min-h-0 grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="grid content-start gap-4 overflow-y-auto p-4">
          <WaitingList waiting={waiting} now={now} chosen={chosen} onChoose={setChosen} />
          <HandedIn handedIn={handedIn} now={now} chosen={chosen} onChoose={setChosen} />
          <LatheCards
            lathes={lathes}
            now={now}
            chosen={chosen}
            onChoose={setChosen}
            onStart={(next, lathe) =>
              void import('./start-next')
                .then(
                  ({ startNext }) => startNext(next, lathe),
                  () => NO_ANSWER,
                )
                .then((problem) => {
                  say(problem ?? `${next.student} starts on ${lathe}.`, problem === null ? 'good' : 'bad');
                  void look();
                })
            }
          />
        </div>
        <aside aria-label="Look at a lathe" className="overflow-y-auto border-l border-rule bg-paper-raised">
          {piece === null ? (
            <p className="p-6 text-lg text-ink-soft">
              {waiting.length === 0
                ? 'Nobody waits. Touch a lathe to see how far it is.'
                : 'Touch whoever waits, to see what was set and to sign it off.'}
            </p>
          ) : (
            <CheckPanel
              key={piece.attemptId}
              piece={piece}
              now={now}
              who={who}
              onDone={(said) => {
                if (said !== undefined) say(said);
                void look();
              }}
            />
          )}
        </aside>
      </main>
    </div>
  );
}
