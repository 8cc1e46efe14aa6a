import type { Column } from '@tanstack/react-table';
import { ArrowDown, ArrowUp } from 'lucide-react';

/** The head of a column by which a table can be sorted: touched again it turns round. */
export function SortHead<T>({ column, title }: { column: Column<T>; title: string }) {
  const sorted = column.getIsSorted();
  return (
    <button
      type="button"
      className="flex items-center gap-1 text-left"
      onClick={column.getToggleSortingHandler()}
    >
      {title}
      {sorted === 'asc' && <ArrowUp aria-label="sorted upward" className="size-3.5" />}
      {sorted === 'desc' && <ArrowDown aria-label="sorted downward" className="size-3.5" />}
    </button>
  );
}
