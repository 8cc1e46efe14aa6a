import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';

/** Moves a row up or down, or takes it away, by mouse and keys. */
export function RowButtons({
  name,
  first,
  last,
  onMove,
  onRemove,
}: {
  name: string;
  first: boolean;
  last: boolean;
  onMove: (by: -1 | 1) => void;
  onRemove?: () => void;
}) {
  const look = 'grid size-9 place-items-center rounded-cut disabled:opacity-30 tablet:size-12';
  return (
    <span className="flex">
      <button
        type="button"
        aria-label={`Move ${name} up`}
        disabled={first}
        onClick={() => onMove(-1)}
        className={look}
      >
        <ArrowUp aria-hidden className="size-4" />
      </button>
      <button
        type="button"
        aria-label={`Move ${name} down`}
        disabled={last}
        onClick={() => onMove(1)}
        className={look}
      >
        <ArrowDown aria-hidden className="size-4" />
      </button>
      {onRemove !== undefined && (
        <button type="button" aria-label={`Remove ${name}`} onClick={onRemove} className={look}>
          <Trash2 aria-hidden className="size-4" />
        </button>
      )}
    </span>
  );
}
