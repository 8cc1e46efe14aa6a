import { clsx } from 'clsx';
import type { ReactNode } from 'react';

export interface RuledColumn {
  title: ReactNode;
  /** Figures stand to the right. */
  number?: boolean;
  /** Width and sides of the head's cell, where they are not the usual ones. */
  className?: string;
}

/** A ruled table to read from: its head from `columns`, its rows as children. `titled` shows the caption above it. */
export function RuledTable({
  caption,
  titled = false,
  stays = false,
  large = false,
  columns,
  children,
}: {
  caption: string;
  titled?: boolean;
  /** The head stays while the rows scroll. */
  stays?: boolean;
  large?: boolean;
  columns: readonly RuledColumn[];
  children: ReactNode;
}) {
  return (
    <table className={clsx('w-full border-collapse bg-paper-raised', !large && 'text-sm')}>
      <caption className={titled ? 'px-2 pb-1 text-left font-head text-xl font-semibold' : 'sr-only'}>
        {caption}
      </caption>
      <thead className={clsx('bg-paper-sunk', stays && 'sticky top-0 z-10')}>
        <tr className="label text-ink-soft">
          {columns.map(({ title, number, className }, index) => (
            <th
              key={index}
              scope="col"
              className={clsx('py-1.5', className ?? 'px-2', number === true ? 'text-right' : 'text-left')}
            >
              {title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}
