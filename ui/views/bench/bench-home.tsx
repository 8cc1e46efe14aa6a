import type { BenchHome, BenchPiece } from '@/core/exercise/board/bench-home';
import { benchButton } from './bench-button';

const ELSEWHERE = {
  '/practice': 'Practise the arithmetic',
  '/gauge': 'Simulated gauge',
  '/tables': 'Tables',
};

/** The student's home: one piece to go on with, what was said about the last one, what else is open. */
export function BenchHomeView({
  home,
  onOpen,
  onSignOut,
}: {
  home: BenchHome;
  onOpen: (attemptId: number) => void;
  onSignOut: () => void;
}) {
  const [first, ...others] = home.pieces;
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[1fr_22rem] overflow-y-auto tablet:grid-cols-[1fr_19rem]">
      <section aria-label="Next" className="bg-paper-raised p-8 tablet:p-6">
        {first === undefined ? (
          <div className="grid max-w-xl gap-3">
            <h2 className="text-5xl">Nothing to make now</h2>
            <p className="text-xl">What is handed out next stands here.</p>
          </div>
        ) : (
          <NextPiece piece={first} onOpen={onOpen} />
        )}
      </section>
      <aside className="grid content-start gap-6 border-l border-rule bg-paper p-5">
        {home.last !== null && <Last last={home.last} />}
        <section aria-label="Open" className="grid gap-2">
          <h2 className="text-2xl">Open</h2>
          {others.length === 0 && home.puzzles.length === 0 && <p className="text-ink-soft">Nothing else.</p>}
          {others.map((piece) => (
            <button
              key={piece.attemptId}
              type="button"
              onClick={() => onOpen(piece.attemptId)}
              className={benchButton('plain', 'justify-between text-left text-lg')}
            >
              <span>
                <strong className="block">{piece.title}</strong>
                <span className="text-base text-ink-soft">{piece.next.title}</span>
              </span>
              <span aria-hidden>›</span>
            </button>
          ))}
          {home.puzzles.map(({ id, title }) => (
            <a key={id} href={`/spot/${id}`} className={benchButton('plain', 'justify-start text-lg')}>
              Spot the fault: {title}
            </a>
          ))}
        </section>
        <nav aria-label="Elsewhere" className="grid gap-2">
          {Object.entries(ELSEWHERE).map(([path, text]) => (
            <a key={path} href={path} className={benchButton('plain', 'justify-start text-lg')}>
              {text}
            </a>
          ))}
          <div className="flex flex-wrap items-center justify-between gap-2 pt-2">
            <a href="/account" className="inline-flex min-h-12 items-center underline underline-offset-2">
              <span className="sr-only">Working here: </span>
              {home.person.name}
            </a>
            <button
              type="button"
              onClick={onSignOut}
              className="inline-flex min-h-12 items-center underline underline-offset-2"
            >
              Sign out
            </button>
          </div>
        </nav>
      </aside>
    </main>
  );
}

function NextPiece({ piece, onOpen }: { piece: BenchPiece; onOpen: (attemptId: number) => void }) {
  const { next, title, lathe, tryNumber, waits } = piece;
  return (
    <div className="grid max-w-2xl gap-5">
      <p className="text-2xl">
        <strong>{title}</strong>
        <span className="text-ink-soft">
          {tryNumber > 1 ? `, try ${tryNumber}` : ''}
          {lathe === null ? '' : `, ${lathe}`}
        </span>
      </p>
      <h2 className="text-5xl leading-tight">{next.title}</h2>
      {next.figure !== null && (
        <p>
          <span className="label block text-ink-soft">{next.figure.label}</span>
          <span className="figures text-9xl leading-none tablet:text-8xl font-medium text-dye">
            {next.figure.value}
          </span>
          <span className="ml-2 text-2xl text-ink-soft">{next.figure.unit}</span>
        </p>
      )}
      {next.says !== null && <p className="text-xl leading-snug">{next.says}</p>}
      {waits !== null && (
        <p className="border-l-8 border-brass-bright bg-brass-wash p-3 text-xl">
          {waits.kind === 'hand'
            ? 'Hand raised: somebody comes.'
            : `The floor sees that you wait: ${waits.title}.`}
        </p>
      )}
      {next.caution !== null && (
        <p className="border-l-4 border-brass bg-brass-wash p-3 text-lg">{next.caution}</p>
      )}
      <div>
        <button
          type="button"
          autoFocus
          onClick={() => onOpen(piece.attemptId)}
          className={benchButton('main', 'min-h-20 px-12 text-3xl')}
        >
          {piece.state === 'not-begun' ? 'Begin' : piece.state === 'waiting' ? 'Look at it' : 'Go on'}
        </button>
      </div>
    </div>
  );
}

function Last({ last }: { last: NonNullable<BenchHome['last']> }) {
  return (
    <section aria-label="Last piece" className="grid gap-2">
      <h2 className="text-2xl">Last piece</h2>
      <p className="text-lg">
        <strong>{last.title}</strong>: <span className="figures">{last.total}</span> of{' '}
        <span className="figures">{last.of}</span>, {last.passed ? '' : 'not '}passed
      </p>
      {last.comment !== '' && (
        <p className="border-l-4 border-rule-strong pl-3">
          “{last.comment}” <span className="text-ink-soft">{last.by}</span>
        </p>
      )}
      {last.lost.length > 0 && (
        <ul className="grid gap-1 text-base">
          {last.lost.map(({ title, awarded, max, reason }) => (
            <li key={title}>
              <strong>{title}</strong>{' '}
              <span className="figures">
                {awarded}/{max}
              </span>
              : {reason}
            </li>
          ))}
        </ul>
      )}
      <a href={`/attempts/${last.attemptId}/mark`} className="inline-flex min-h-12 items-center underline">
        See the mark
      </a>
    </section>
  );
}
