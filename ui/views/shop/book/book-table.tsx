'use client';

import { readCsv } from '@/core/base/csv/csv';
import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useRef, useState } from 'react';
import { bookFieldText } from '@/core/machine/book/book-field';
import { BOOKS, type BookKind } from '@/core/machine/book/book';
import { Button } from '@/ui/kit/button';
import { Field } from '@/ui/kit/field';
import { Message } from '@/ui/kit/message';
import { SortHead } from '@/ui/kit/sort-head';
import { Table } from '@/ui/kit/table';
import { Tick } from '@/ui/kit/tick';
import { useToast } from '@/ui/kit/toast';
import { send } from '@/ui/shell/send';
import { useRefresh } from '@/ui/shell/use-refresh';
import { BookDialog } from './book-dialog';
import type { BookItem } from './book-item';

const column = createColumnHelper<BookItem>();

/** The day as the book writes it. */
const today = () => new Date().toISOString().slice(0, 10);

/** The records of one kind: sorted by a column, filtered by words, made, changed, put away, and had as files. */
export function BookTable({ kind, items }: { kind: BookKind; items: readonly BookItem[] }) {
  const { title, one, fields } = BOOKS[kind];
  const refresh = useRefresh();
  const say = useToast();
  const file = useRef<HTMLInputElement>(null);
  const [filter, setFilter] = useState('');
  const [sorting, setSorting] = useState<SortingState>([{ id: 'name', desc: false }]);
  const [withArchived, setWithArchived] = useState(false);
  const [open, setOpen] = useState<BookItem | 'new' | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const shown = useMemo(
    () => items.filter(({ archived }) => withArchived || !archived),
    [items, withArchived],
  );
  const columns = useMemo(
    () => [
      ...fields
        .filter(({ inTable }) => inTable === true)
        .map((field) =>
          column.accessor(({ document }) => bookFieldText(document[field.name]), {
            id: field.name,
            sortingFn: 'alphanumeric',
            header: ({ column: head }) => (
              <SortHead
                column={head}
                title={`${field.label}${field.unit === undefined ? '' : ` ${field.unit}`}`}
              />
            ),
            cell: ({ getValue, row }) =>
              field.name === 'name' ? (
                <button
                  type="button"
                  className="min-h-9 text-left font-medium underline underline-offset-2 tablet:min-h-12"
                  onClick={() => setOpen(row.original)}
                >
                  {getValue()}
                  {row.original.archived && <span className="ml-2 font-normal text-ink-soft">put away</span>}
                </button>
              ) : (
                <span
                  className={
                    field.takes === 'words' || field.takes === 'choice'
                      ? ''
                      : field.takes === 'lengths'
                        ? 'figures'
                        : 'figures whitespace-nowrap'
                  }
                >
                  {getValue()}
                  {field.name === 'due' && getValue() !== '' && getValue() < today() && (
                    <strong className="block font-medium text-nogo">overdue</strong>
                  )}
                </span>
              ),
          }),
        ),
      column.accessor('number', { header: 'Rev.', meta: { number: true }, enableGlobalFilter: false }),
    ],
    [fields],
  );
  const table = useReactTable({
    data: shown,
    columns,
    state: { sorting, globalFilter: filter },
    onSortingChange: setSorting,
    onGlobalFilterChange: setFilter,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });

  async function takeFile(chosen: File) {
    const text = await chosen.text();
    let sent: { documents: unknown[] } | { rows: string[][] };
    if (/\.json$/i.test(chosen.name))
      try {
        const parsed: unknown = JSON.parse(text);
        sent = { documents: Array.isArray(parsed) ? parsed : [parsed] };
      } catch {
        return setProblem(`${chosen.name} is not a JSON file.`);
      }
    else sent = { rows: readCsv(text) };
    const taken = await send<{ count: number }>('POST', '/api/book', { kind, ...sent });
    if (!taken.ok) return setProblem(`${chosen.name}: ${taken.message}`);
    setProblem(null);
    say(`${taken.value.count} taken from the file.`);
    await refresh();
  }

  return (
    <section aria-label={title} className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <Button tone="main" onClick={() => setOpen('new')}>
          New {one}
        </Button>
        <Field
          label="Filter"
          className="w-56"
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
        />
        <Tick label="Those put away too" on={withArchived} onSet={setWithArchived} />
        <span className="ml-auto flex flex-wrap items-center gap-3 text-sm">
          <Button onClick={() => file.current?.click()}>From a file…</Button>
          <a className="underline underline-offset-2" href={`/api/book?kind=${kind}&as=csv`}>
            Save as CSV
          </a>
          <a className="underline underline-offset-2" href={`/api/book?kind=${kind}&as=json`}>
            Save as JSON
          </a>
        </span>
        <input
          ref={file}
          type="file"
          accept=".json,.csv,application/json,text/csv"
          className="sr-only"
          tabIndex={-1}
          aria-label={`${title}: file`}
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = '';
            if (chosen !== undefined) void takeFile(chosen);
          }}
        />
      </div>
      {problem !== null && <Message tone="error">{problem}</Message>}
      {items.length === 0 ? (
        <p>None is written down yet. Make the first one, or take them from a file.</p>
      ) : (
        <div className="overflow-x-auto bg-paper-raised">
          <Table table={table} caption={title} />
          {table.getRowModel().rows.length === 0 && <p className="p-3">Nothing fits “{filter}”.</p>}
        </div>
      )}
      {open !== null && (
        <BookDialog
          key={open === 'new' ? 'new' : open.id}
          kind={kind}
          item={open === 'new' ? null : open}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  );
}
