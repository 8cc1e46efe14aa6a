'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState, type MouseEvent } from 'react';
import { howLongAgo } from '@/ui/units/how-long-ago';
import type { Role } from '@/core/people/role';
import type { AttemptState } from '@/core/exercise/record/state/record-state';
import type { BoardAttempt, BoardExercise, BoardPuzzle, ClassBoard } from '@/core/exercise/board/board';
import { Button, buttonClass } from '@/ui/kit/button';
import { Dialog } from '@/ui/kit/dialog';
import { PageLink } from '@/ui/kit/page-link';
import { LeanStateMark, STATE_WORDS, StateSprite } from '@/ui/kit/state-mark';
import { useToast } from '@/ui/kit/toast';
import { rememberClass } from '@/ui/shell/class-on-view';
import { Header } from '@/ui/shell/header';
import { ShopTime } from '@/ui/shell/shop-time';
import { useNews } from '@/ui/shell/news';
import { send } from '@/ui/shell/send';
import { useDelayed } from '@/ui/shell/use-delayed';
import { useRefresh } from '@/ui/shell/use-refresh';

export interface ClassBoardProps extends ClassBoard {
  who: { name: string; role: string };
}

const COUNTED: readonly AttemptState[] = ['waiting', 'measured', 'cutting', 'set-up', 'not-begun', 'marked'];

/** The class: students down, exercises across, the state of each attempt where they meet. */
export function ClassBoardView({
  classId,
  className,
  role,
  classes,
  page,
  pages,
  counts,
  exercises: issued,
  drafts,
  puzzles,
  students,
  attempts,
  allTries,
  strangers,
  who,
}: ClassBoardProps) {
  const router = useRouter();
  const refresh = useRefresh();
  const say = useToast();
  useNews(useDelayed(() => void refresh(), 5000));
  useEffect(() => rememberClass(classId), [classId]);
  const [discarding, setDiscarding] = useState<BoardExercise | null>(null);
  const instructor = role === 'instructor';
  const waiting = attempts.filter(({ state }) => state === 'waiting');

  // One listener for hundreds of links: each would ask for its page before anybody wants it.
  function follow(event: MouseEvent<HTMLTableElement>) {
    const link = (event.target as Element).closest<HTMLAnchorElement>('a.board-try');
    if (link === null || event.defaultPrevented || event.metaKey || event.ctrlKey || event.shiftKey) return;
    event.preventDefault();
    router.push(link.pathname);
  }

  async function makeExercise() {
    const sent = await send<{ id: number }>('POST', `/api/exercises?class=${classId}`);
    if (sent.ok) router.push(`/exercises/${sent.value.id}`);
    else say(sent.message, 'bad');
  }

  async function discard(exercise: BoardExercise) {
    const sent = await send('DELETE', `/api/exercises/${exercise.id}`);
    setDiscarding(null);
    if (!sent.ok) return say(sent.message, 'bad');
    say('Draft discarded.');
    await refresh();
  }

  const keys = useMemo(
    () => [
      ...(instructor
        ? [{ key: 'n', does: 'New exercise', run: () => document.getElementById('new-exercise')?.click() }]
        : []),
      {
        key: 'w',
        does: 'First attempt that waits for its mark',
        run: () => document.getElementById('first-waiting')?.focus(),
      },
    ],
    [instructor],
  );
  const again = attempts.some(({ tryNumber }) => tryNumber > 1);
  const cells = useMemo(() => byCell(attempts), [attempts]);

  return (
    <div className="min-h-dvh">
      <Header who={who} title={className} keys={keys} />
      {strangers.length > 0 && <Strangers classId={classId} strangers={strangers} />}
      <section
        aria-label="Today"
        className="flex items-center gap-6 bg-dye px-4 py-2 text-scribe tablet:gap-4"
      >
        {COUNTED.map((state) => (
          <Count
            key={state}
            word={STATE_WORDS[state]}
            count={counts[state] ?? 0}
            attend={state === 'waiting'}
          />
        ))}
        {instructor && (
          <div className="ml-auto flex gap-2">
            <PageLink href={`/classes/${classId}`} className={buttonClass('on-dye')}>
              People
            </PageLink>
            <Button id="new-exercise" tone="on-dye" onClick={() => void makeExercise()}>
              New exercise
            </Button>
          </div>
        )}
      </section>
      <main className="grid gap-4 p-4">
        {students.length === 0 || issued.length === 0 ? (
          <p className="text-lg">
            {instructor
              ? 'Nothing is handed out yet. Make an exercise, then hand it out.'
              : 'Nothing is handed out to you yet. Ask your instructor.'}
          </p>
        ) : (
          <div className="overflow-x-auto">
            <StateSprite />
            <table
              onClick={follow}
              className="w-full min-w-[56rem] table-fixed border-collapse bg-paper-raised [&_td]:border-l [&_td]:border-rule [&_td]:px-2"
            >
              <caption className="sr-only">State of each attempt</caption>
              <thead>
                <tr className="bg-paper-sunk">
                  <th
                    scope="col"
                    className="label sticky left-0 w-44 border-b border-rule-strong bg-paper-sunk px-3 py-2 text-left text-ink-soft"
                  >
                    Student
                  </th>
                  {issued.map((exercise) => (
                    <th
                      key={exercise.id}
                      scope="col"
                      className="border-b border-l border-rule-strong px-3 py-1.5 text-left font-normal"
                    >
                      {instructor ? (
                        <PageLink
                          href={`/exercises/${exercise.id}`}
                          className="font-medium underline underline-offset-2"
                        >
                          {exercise.title}
                        </PageLink>
                      ) : (
                        <span className="font-medium">{exercise.title}</span>
                      )}
                      <span className="figures block text-2xs text-ink-soft">
                        {exercise.thread} · rev {exercise.revision}
                      </span>
                      {exercise.lentFrom !== undefined && (
                        <span className="block truncate text-2xs text-ink-soft">
                          lent from {exercise.lentFrom}
                        </span>
                      )}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {students.map((student) => (
                  <tr key={student.id} className="h-12 border-b border-rule">
                    <th
                      scope="row"
                      className="sticky left-0 bg-paper-raised px-3 text-left font-medium whitespace-nowrap"
                    >
                      {student.name}
                      {student.staff === true && <small className="block font-normal">own try</small>}
                    </th>
                    {issued.map((exercise) => (
                      <td key={exercise.id}>
                        <Tries
                          attempts={cells.get(`${student.id}-${exercise.id}`) ?? NONE}
                          role={role}
                          firstWaiting={waiting[0]?.id ?? null}
                          label={`${student.name}, ${exercise.title}`}
                        />
                      </td>
                    ))}
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        )}
        {(pages > 1 || classes.length > 1 || again) && (
          <nav aria-label="Pages of the board" className="flex flex-wrap items-center gap-3">
            {page > 1 && (
              <PageLink className={buttonClass('plain')} href={`/?class=${classId}&page=${page - 1}`}>
                Later exercises
              </PageLink>
            )}
            {pages > 1 && (
              <span className="text-sm text-ink-soft">
                Page {page} of {pages}; exercises with open work come first
              </span>
            )}
            {page < pages && (
              <PageLink className={buttonClass('plain')} href={`/?class=${classId}&page=${page + 1}`}>
                Earlier exercises
              </PageLink>
            )}
            {again && (
              <PageLink
                className={buttonClass('plain')}
                href={`/?class=${classId}&page=${page}${allTries ? '' : '&tries=all'}`}
              >
                {allTries ? 'Last tries only' : 'Earlier tries too'}
              </PageLink>
            )}
            {classes.length > 1 && <span className="text-sm text-ink-soft">Other classes:</span>}
            {classes.length > 1 &&
              classes
                .filter(({ id }) => id !== classId)
                .map(({ id, name }) => (
                  <PageLink key={id} className={buttonClass('quiet')} href={`/?class=${id}`}>
                    {name}
                  </PageLink>
                ))}
          </nav>
        )}
        {puzzles.length > 0 && <Puzzles puzzles={puzzles} instructor={instructor} />}
        {drafts.length > 0 && (
          <section aria-label="Drafts">
            <h2 className="mb-1 text-xl">Drafts</h2>
            <ul className="grid gap-1">
              {drafts.map((exercise) => (
                <li key={exercise.id} className="flex items-center gap-3">
                  <PageLink href={`/exercises/${exercise.id}`} className={buttonClass('plain')}>
                    {exercise.title === '' ? 'Without a name yet' : exercise.title}
                    <span className="figures text-sm text-ink-soft">{exercise.thread}</span>
                    {exercise.lentFrom !== undefined && (
                      <span className="text-sm text-ink-soft">lent from {exercise.lentFrom}</span>
                    )}
                  </PageLink>
                  <Button tone="quiet" onClick={() => setDiscarding(exercise)}>
                    Discard
                  </Button>
                </li>
              ))}
            </ul>
          </section>
        )}
      </main>
      <Dialog
        open={discarding !== null}
        onOpenChange={(open) => !open && setDiscarding(null)}
        title="Discard the draft?"
        description={`“${discarding?.title === '' ? 'Without a name yet' : discarding?.title}” was never handed out. It is deleted and can not be brought back.`}
      >
        <div className="flex justify-end gap-2">
          <Button onClick={() => setDiscarding(null)}>Keep it</Button>
          <Button tone="main" onClick={() => discarding !== null && void discard(discarding)}>
            Discard
          </Button>
        </div>
      </Dialog>
    </div>
  );
}

const NONE: BoardAttempt[] = [];

/** The attempts of each student at each exercise, first try to last. */
function byCell(attempts: readonly BoardAttempt[]): Map<string, BoardAttempt[]> {
  const cells = new Map<string, BoardAttempt[]>();
  for (const attempt of attempts) {
    const key = `${attempt.studentId}-${attempt.exerciseId}`;
    cells.set(key, [...(cells.get(key) ?? []), attempt]);
  }
  return cells;
}

function Count({ word, count, attend }: { word: string; count: number; attend: boolean }) {
  return (
    <p className="leading-tight">
      <span
        className={`figures block text-2xl font-medium ${attend && count > 0 ? 'text-brass-bright' : ''}`}
      >
        {count}
      </span>
      <span className="label text-scribe-dim">{word}</span>
    </p>
  );
}

function Tries({
  attempts,
  role,
  firstWaiting,
  label,
}: {
  attempts: BoardAttempt[];
  role: Role;
  firstWaiting: number | null;
  label: string;
}) {
  if (attempts.length === 0) return <span className="px-1 text-sm text-ink-soft">–</span>;
  return (
    <>
      {attempts.map((attempt) => (
        <a
          key={attempt.id}
          id={attempt.id === firstWaiting ? 'first-waiting' : undefined}
          href={hrefOf(attempt, role)}
          aria-label={`${label}, try ${attempt.tryNumber}: ${STATE_WORDS[attempt.state]}${attempt.total === undefined ? '' : ` ${attempt.total}`}`}
          className="board-try"
        >
          <LeanStateMark
            state={attempt.state}
            total={attempt.total ?? null}
            passed={attempt.passed ?? null}
          />
          <small>{detail(attempt)}</small>
        </a>
      ))}
    </>
  );
}

/** A helper has nothing to do with marks: the record is shown. */
function hrefOf(attempt: BoardAttempt, role: Role): string {
  const toMark =
    role !== 'helper' &&
    (attempt.state === 'marked' || (role === 'instructor' && attempt.state === 'waiting'));
  return toMark ? `/attempts/${attempt.id}/mark` : `/attempts/${attempt.id}`;
}

const PHASE_WORDS: Readonly<Record<NonNullable<BoardAttempt['phase']>, string>> = {
  'past-saving': 'cut no more',
  stop: 'no cut now',
  zero: 'new zeros first',
  proven: 'proof is done',
};

function detail(attempt: BoardAttempt): string {
  const parts = [
    attempt.tryNumber > 1 ? `try ${attempt.tryNumber}` : '',
    attempt.passesCut === undefined ? '' : `pass ${attempt.passesCut}`,
    attempt.phase === undefined ? '' : PHASE_WORDS[attempt.phase],
    attempt.wantsLook === true ? 'wants a look' : '',
    attempt.idleS !== undefined ? howLongAgo(attempt.idleS) : '',
  ];
  return parts.filter((part) => part !== '').join(' · ');
}

/** Threads with a fault to spot. */
function Puzzles({ puzzles, instructor }: { puzzles: readonly BoardPuzzle[]; instructor: boolean }) {
  return (
    <section aria-labelledby="puzzles-heading">
      <h2 id="puzzles-heading" className="mb-2 text-xl">
        Spot the fault
      </h2>
      <ul className="flex flex-wrap gap-2">
        {puzzles.map(({ id, title, points, answers }) => (
          <li key={id} className="flex items-baseline gap-2 border border-rule bg-paper-raised px-3 py-2">
            <PageLink href={`/spot/${id}`} className="font-medium underline underline-offset-2">
              {title}
            </PageLink>
            <span className="figures text-sm text-ink-soft">
              {instructor
                ? `${answers} ${answers === 1 ? 'answer' : 'answers'}`
                : points === null
                  ? 'not answered yet'
                  : `${points} points`}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Somebody tries secrets of the class from browsers that are not theirs: said once, with what helps. */
function Strangers({ classId, strangers }: Pick<ClassBoardProps, 'classId' | 'strangers'>) {
  return (
    <p role="status" className="border-l-8 border-brass-bright bg-paper-sunk px-4 py-2">
      <strong className="font-semibold">Wrong PINs from browsers that are not theirs:</strong>{' '}
      {strangers.map(({ name, count, since }, index) => (
        <span key={name}>
          {index > 0 && ', '}
          {name} {count} since <ShopTime at={since} />
        </span>
      ))}
      . Each try waits longer than the one before. Where it was not the student: another class code keeps
      strangers out, a new slip ends the PIN (
      <PageLink href={`/classes/${classId}`} className="underline">
        People
      </PageLink>
      ).
    </p>
  );
}
