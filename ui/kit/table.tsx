import { clsx } from 'clsx';
import { Fragment } from 'react';
import { flexRender, type Row, type Table as TanTable } from '@tanstack/react-table';

/** A ruled table with a head that stays while its rows scroll. Columns whose meta says `number` are set in figures. */
export function Table<T>({
  table,
  caption,
  rowClass,
  after,
  onRowClick,
}: {
  table: TanTable<T>;
  caption: string;
  rowClass?: (row: Row<T>) => string;
  /** What happens behind a row, as a line of its own. */
  after?: (row: Row<T>) => string | undefined;
  onRowClick?: (row: Row<T>) => void;
}) {
  return (
    <table className="w-full border-collapse text-sm">
      <caption className="sr-only">{caption}</caption>
      <thead className="sticky top-0 z-10 bg-paper-sunk">
        {table.getHeaderGroups().map((group) => (
          <tr key={group.id}>
            {group.headers.map((header) => (
              <th
                key={header.id}
                scope="col"
                className={clsx(
                  'label border-b border-rule-strong px-2 py-1.5 text-ink-soft',
                  isNumber(header.column.columnDef.meta) ? 'text-right' : 'text-left',
                )}
              >
                {flexRender(header.column.columnDef.header, header.getContext())}
              </th>
            ))}
          </tr>
        ))}
      </thead>
      <tbody>
        {table.getRowModel().rows.map((row) => (
          <Fragment key={row.id}>
            <tr
              onClick={onRowClick && (() => onRowClick(row))}
              className={clsx('border-b border-rule', onRowClick && 'cursor-pointer', rowClass?.(row))}
            >
              {row.getVisibleCells().map((cell) => (
                <td
                  key={cell.id}
                  className={clsx('px-2 py-1', isNumber(cell.column.columnDef.meta) && 'figures text-right')}
                >
                  {flexRender(cell.column.columnDef.cell, cell.getContext())}
                </td>
              ))}
            </tr>
            {after?.(row) !== undefined && (
              <tr className="border-b border-rule bg-paper-sunk">
                <td colSpan={row.getVisibleCells().length} className="px-2 py-1">
                  {after(row)}
                </td>
              </tr>
            )}
          </Fragment>
        ))}
      </tbody>
    </table>
  );
}

function isNumber(meta: unknown): boolean {
  return (meta as { number?: boolean } | undefined)?.number === true;
}
