import { TriangleAlert } from 'lucide-react';
import type { FloorLathe, FloorNext, FloorPiece } from '@/core/exercise/board/floor';
import { lasted } from './use-now';

/** Every lathe with who works on it: stage, since when, last entry, warnings; and who may be next on a free one. */
export function LatheCards({
  lathes,
  now,
  chosen,
  onChoose,
  onStart,
}: {
  lathes: readonly FloorLathe[];
  now: number;
  chosen: number | null;
  onChoose: (attemptId: number) => void;
  onStart: (next: FloorNext, lathe: string) => void;
}) {
  return (
    <section aria-label="Lathes">
      <h2 className="mb-2 text-2xl">Lathes</h2>
      <ul className="grid grid-cols-2 gap-2">
        {lathes.map(({ name, pieces, next }) => (
          <li key={name} className="grid content-start gap-1 border border-rule-strong bg-paper-raised p-2">
            <h3 className="label text-ink-soft">{name}</h3>
            {pieces.map((piece) => (
              <Piece
                key={piece.attemptId}
                piece={piece}
                now={now}
                chosen={piece.attemptId === chosen}
                onChoose={() => onChoose(piece.attemptId)}
              />
            ))}
            {pieces.length === 0 && <p className="text-ink-soft">free</p>}
            {next.length > 0 && <NextStudent lathe={name} next={next} onStart={onStart} />}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Piece({
  piece: { student, exercise, floor, bench },
  now,
  chosen,
  onChoose,
}: {
  piece: FloorPiece;
  now: number;
  chosen: boolean;
  onChoose: () => void;
}) {
  const { stage, stageSince, last, warnings } = floor;
  return (
    <button
      type="button"
      aria-current={chosen ? 'true' : undefined}
      onClick={onChoose}
      className="grid min-h-12 w-full text-left hover:bg-paper-sunk aria-current:bg-paper-sunk aria-current:outline-2 aria-current:outline-dye"
    >
      <span className="flex items-baseline justify-between gap-2">
        <strong className="truncate">{student}</strong>
        {stageSince !== null && <span className="figures shrink-0">{lasted(stageSince, now)}</span>}
      </span>
      <span className="truncate">{stage}</span>
      <span className="truncate text-sm text-ink-soft">
        {exercise}
        {last === null ? '' : ` · ${last.title}${last.detail === '' ? '' : `: ${last.detail}`}`}
      </span>
      {bench !== null && bench.held > 0 && (
        <span className="text-sm text-brass">
          {bench.held} not sent yet by its bench, heard {lasted(bench.heardAt, now)} ago
        </span>
      )}
      {warnings.map((warning) => (
        <span key={warning} className="flex items-center gap-1 text-sm text-nogo">
          <TriangleAlert aria-hidden className="size-3.5 shrink-0" />
          <span className="truncate">{warning}</span>
        </span>
      ))}
    </button>
  );
}

function NextStudent({
  lathe,
  next,
  onStart,
}: {
  lathe: string;
  next: readonly FloorNext[];
  onStart: (next: FloorNext, lathe: string) => void;
}) {
  return (
    <label className="mt-1 text-sm">
      <span className="sr-only">Start the next student on {lathe}</span>
      <select
        value=""
        onChange={(event) => {
          const chosen = next.find(({ attemptId }) => String(attemptId) === event.target.value);
          if (chosen !== undefined) onStart(chosen, lathe);
        }}
        className="min-h-9 w-full rounded-cut border border-rule-strong bg-paper px-2 tablet:min-h-12"
      >
        <option value="">Start the next of {next.length}…</option>
        {next.map(({ attemptId, student, exercise }) => (
          <option key={attemptId} value={attemptId}>
            {student}: {exercise}
          </option>
        ))}
      </select>
    </label>
  );
}
