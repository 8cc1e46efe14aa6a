import { clsx } from 'clsx';
import { memo, useEffect, useRef } from 'react';
import { useSay } from './shop-words';
import { StandingMark, type Standing } from './state-mark';

export interface RailStage<Id extends string> {
  id: Id;
  title: string;
  result: string;
  standing: Standing;
}

/** The rail of stages: each with its one-line result, so that the whole reads like a traveller’s sheet. */
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
  return (
    <nav
      aria-label={label}
      className="h-full overflow-y-auto contain-content border-r border-rule bg-paper-sunk"
    >
      <ol>
        {stages.map((stage, index) => (
          <RailItem
            key={stage.id}
            {...stage}
            number={index + 1}
            chosen={stage.id === chosen}
            onChoose={onChoose}
            dense={dense}
          />
        ))}
      </ol>
    </nav>
  );
}

export const StageRail = memo(Rail) as typeof Rail;

/** One stage of the rail, drawn again only when its own line changed. */
function Item<Id extends string>({
  id,
  title,
  result,
  standing,
  number,
  chosen,
  onChoose,
  dense,
}: RailStage<Id> & {
  number: number;
  chosen: boolean;
  onChoose: (id: Id) => void;
  dense: boolean;
}) {
  const button = useRef<HTMLButtonElement>(null);
  const say = useSay();
  useEffect(() => {
    if (chosen) button.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);
  return (
    <li className="border-b border-rule">
      <button
        type="button"
        aria-current={chosen ? 'step' : undefined}
        onClick={() => onChoose(id)}
        ref={button}
        className={clsx(
          'grid w-full grid-cols-[1.25rem_minmax(0,1fr)_auto] items-center gap-x-2 border-l-4 px-2 text-left focus-visible:-outline-offset-3 tablet:min-h-12',
          dense ? 'min-h-10' : 'min-h-12 py-1.5',
          chosen ? 'border-dye bg-paper-raised' : 'border-transparent hover:bg-paper',
        )}
      >
        <span className="figures text-right text-sm text-ink-soft">{number}</span>
        <span className={clsx('min-w-0', dense && 'flex flex-wrap items-baseline gap-x-2')}>
          <span className="block leading-tight font-medium">{say(title)}</span>
          <span className={clsx('figures block truncate text-2xs text-ink-soft', dense && 'ml-auto')}>
            {result}
          </span>
        </span>
        <StandingMark standing={standing} />
      </button>
    </li>
  );
}

const RailItem = memo(Item) as typeof Item;
