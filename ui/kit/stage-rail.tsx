import { clsx } from 'clsx';
import { memo, useEffect, useRef } from 'react';
import { StandingMark, type Standing } from './state-mark';

export interface RailStage<Id extends string> {
  id: Id;
  title: string;
  result: string;
  standing: Standing;
}

/** The rail of stages: each with its one-line result, so that the whole reads like a traveller card. */
function Rail<Id extends string>({
  label,
  stages,
  chosen,
  onChoose,
  dense = false,
}: {
  label: string;
  stages: readonly RailStage<Id>[];
  chosen: Id;
  onChoose: (id: Id) => void;
  /** One line a stage, for rails of many. */
  dense?: boolean;
}) {
  const present = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    present.current?.scrollIntoView?.({ block: 'nearest' });
  }, [chosen]);
  return (
    <nav
      aria-label={label}
      className="h-full overflow-y-auto contain-content border-r border-rule bg-paper-sunk"
    >
      <ol>
        {stages.map((stage, index) => (
          <li key={stage.id} className="border-b border-rule">
            <button
              type="button"
              aria-current={stage.id === chosen ? 'step' : undefined}
              onClick={() => onChoose(stage.id)}
              ref={stage.id === chosen ? present : undefined}
              className={clsx(
                'grid w-full grid-cols-[1.25rem_minmax(0,1fr)_auto] items-center gap-x-2 border-l-4 px-2 text-left focus-visible:-outline-offset-3 tablet:min-h-12',
                dense ? 'min-h-10' : 'min-h-12 py-1.5',
                stage.id === chosen ? 'border-dye bg-paper-raised' : 'border-transparent hover:bg-paper',
              )}
            >
              <span className="figures text-right text-sm text-ink-soft">{index + 1}</span>
              <span className={clsx('min-w-0', dense && 'flex flex-wrap items-baseline gap-x-2')}>
                <span className="block leading-tight font-medium">{stage.title}</span>
                <span className={clsx('figures block truncate text-2xs text-ink-soft', dense && 'ml-auto')}>
                  {stage.result}
                </span>
              </span>
              <StandingMark standing={stage.standing} />
            </button>
          </li>
        ))}
      </ol>
    </nav>
  );
}

export const StageRail = memo(Rail) as typeof Rail;
