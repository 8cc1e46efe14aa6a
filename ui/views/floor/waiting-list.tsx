import { Hand, OctagonPause } from 'lucide-react';
import type { FloorPiece } from '@/core/exercise/board/floor';
import { lasted } from './use-now';

/** Who waits for somebody to come, longest first. */
export function WaitingList({
  waiting,
  now,
  chosen,
  onChoose,
}: {
  waiting: readonly FloorPiece[];
  now: number;
  chosen: number | null;
  onChoose: (attemptId: number) => void;
}) {
  return (
    <section aria-label="Waiting" aria-live="polite">
      <h2 className="mb-2 text-2xl">Waiting</h2>
      {waiting.length === 0 && <p className="text-ink-soft">Nobody waits.</p>}
      <ol className="grid gap-2">
        {waiting.map(({ attemptId, student, lathe, floor: { waits } }) => {
          if (waits === null) return null;
          const Icon = waits.kind === 'hand' ? Hand : OctagonPause;
          return (
            <li key={attemptId}>
              <button
                type="button"
                aria-current={attemptId === chosen ? 'true' : undefined}
                onClick={() => onChoose(attemptId)}
                className="grid min-h-16 w-full grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-3 border-l-8 border-brass-bright bg-paper-raised px-4 py-2 text-left hover:bg-paper-sunk aria-current:bg-paper-sunk aria-current:outline-2 aria-current:outline-dye"
              >
                <Icon aria-hidden className="size-7 text-brass" />
                <span className="min-w-0">
                  <strong className="block truncate text-xl">
                    {lathe} · {student}
                  </strong>
                  <span className="block truncate">
                    {waits.kind === 'hold' ? 'Hold point: ' : ''}
                    {waits.title}
                  </span>
                </span>
                <span className="figures text-xl">{lasted(waits.since, now)}</span>
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
