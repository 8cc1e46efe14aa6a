import type { FloorPiece } from '@/core/exercise/board/floor';
import { lasted } from './use-now';

/** Pieces that are handed in: each is accepted at the lathe or at the table, the one that waits longest first. */
export function HandedIn({
  handedIn,
  now,
  chosen,
  onChoose,
}: {
  handedIn: readonly FloorPiece[];
  now: number;
  chosen: number | null;
  onChoose: (attemptId: number) => void;
}) {
  return handedIn.length === 0 ? null : (
    <section aria-label="Handed in">
      <h2 className="mb-2 text-2xl">Handed in: to accept</h2>
      <ol className="grid grid-cols-2 gap-2">
        {handedIn.map(({ attemptId, student, exercise, lathe, floor: { waits } }) => (
          <li key={attemptId}>
            <button
              type="button"
              aria-current={attemptId === chosen ? 'true' : undefined}
              onClick={() => onChoose(attemptId)}
              className="grid min-h-14 w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-2 border border-rule-strong bg-paper-raised px-3 py-1 text-left hover:bg-paper-sunk aria-current:bg-paper-sunk aria-current:outline-2 aria-current:outline-dye"
            >
              <span className="min-w-0">
                <strong className="block truncate text-lg">{student}</strong>
                <span className="block text-sm">
                  {exercise} · {lathe}
                </span>
              </span>
              <span className="figures">{waits === null ? '' : lasted(waits.since, now)}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}
