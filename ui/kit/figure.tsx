import { clsx } from 'clsx';
import { memo, type ReactNode } from 'react';
import type { Why } from '@/core/base/explain/why';
import { useSay } from './shop-words';
import { WhyPopover } from './why-popover';

export interface FigureProps {
  label: string;
  /** The figures; null while they can not be worked out. */
  value: ReactNode | null;
  unit?: string;
  /** A second line: the band, the turns. */
  sub?: ReactNode;
  why?: Why | undefined;
  onDye?: boolean;
  size?: 'small' | 'large' | 'bench';
  attend?: boolean;
}

const SIZES = { small: 'text-lg', large: 'text-2xl', bench: 'text-7xl' };

/** A computed figure, large, its unit small beside it. Its label opens the reason behind it. */
export const Figure = memo(function Figure({
  label,
  value,
  unit,
  sub,
  why,
  onDye = false,
  size = 'small',
  attend = false,
}: FigureProps) {
  const say = useSay();
  const soft = onDye ? 'text-scribe-dim' : 'text-ink-soft';
  return (
    <div className="min-w-0">
      {why === undefined ? (
        <span className={clsx('label block truncate', soft)}>{say(label)}</span>
      ) : (
        <WhyPopover
          why={why}
          className={clsx(
            'label block max-w-full truncate text-left underline decoration-dotted underline-offset-3',
            soft,
          )}
        >
          {say(label)}
        </WhyPopover>
      )}
      <span
        className={clsx(
          'figures block leading-tight font-medium whitespace-nowrap',
          SIZES[size],
          attend && (onDye ? 'text-brass-bright' : 'text-brass'),
        )}
      >
        {value ?? <span className={soft}>—</span>}
        {value !== null && unit !== undefined && (
          <span className={clsx('ml-1 text-sm font-normal', soft)}>{unit}</span>
        )}
      </span>
      {sub !== undefined && <span className={clsx('figures block truncate text-2xs', soft)}>{sub}</span>}
    </div>
  );
}, saysTheSame);

/** Reasons are worded anew with every evaluation: a figure is drawn again when one of its words changed. */
function saysTheSame(one: FigureProps, other: FigureProps): boolean {
  return (
    sameFields({ ...one, why: undefined }, { ...other, why: undefined }) &&
    (one.why === other.why ||
      (one.why !== undefined && other.why !== undefined && sameFields(one.why, other.why)))
  );
}

function sameFields<Fields extends object>(one: Fields, other: Fields): boolean {
  const names = Object.keys({ ...one, ...other }) as (keyof Fields)[];
  return names.every((name) => Object.is(one[name], other[name]));
}
