'use client';

import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import type { Lathe } from '@/core/machine/lathe/lathe';
import { Field } from '@/ui/kit/field';
import { PageLink } from '@/ui/kit/page-link';
import { SortHead } from '@/ui/kit/sort-head';
import { Table } from '@/ui/kit/table';
import { Tick } from '@/ui/kit/tick';
import { useSay } from '@/ui/kit/shop-words';

export interface LatheItem {
  id: number;
  number: number;
  archived: boolean;
  lathe: Lathe;
}

const column = createColumnHelper<LatheItem>();

const speedsOf = ({ spindle: { speeds } }: Lathe): string => {
  const [first, last] = [speeds[0], speeds.at(-1)];
  if (first === undefined || last === undefined) return '';
  return `${first.rpm} – ${last.upTo ?? last.rpm}`;
};

const gearedBy = ({ gearing }: Lathe): string =>
  [
    gearing.quickChange === null ? '' : 'quick-change',
    gearing.changeGears === null ? '' : 'change gears',
    gearing.stock.length === 0 ? '' : `${gearing.stock.length} gears`,
  ]
    .filter((each) => each !== '')
    .join(', ');

/** The lathes of the shop: sorted by a column, filtered by words. What nobody has looked up is left empty. */
export function LatheTable({ lathes }: { lathes: readonly LatheItem[] }) {
  const say = useSay();
  const [filter, setFilter] = useState('');
  const [sorting, setSorting] = useState<SortingState>([]);
  const [withArchived, setWithArchived] = useState(true);
  const shown = useMemo(
    () => lathes.filter(({ archived }) => withArchived || !archived),
    [lathes, withArchived],
  );
  const columns = useMemo(() => {
    const text = (id: string, title: string, of: (lathe: Lathe) => string, figures = false) =>
      column.accessor(({ lathe }) => of(lathe), {
        id,
        sortingFn: 'alphanumeric',
        header: ({ column: head }) => <SortHead column={head} title={say(title)} />,
        cell: ({ getValue }) => <span className={figures ? 'figures' : ''}>{say(getValue())}</span>,
      });
    return [
      column.accessor(({ lathe }) => lathe.name, {
        id: 'name',
        sortingFn: 'alphanumeric',
        header: ({ column: head }) => <SortHead column={head} title="Lathe" />,
        cell: ({ row: { original } }) => (
          <span className="whitespace-nowrap">
            <PageLink
              href={`/shop/lathes/${original.id}`}
              className="inline-flex min-h-9 items-center font-medium underline underline-offset-2 tablet:min-h-12"
            >
              {original.lathe.name}
            </PageLink>
            {original.archived && <span className="ml-2 text-ink-soft">put away</span>}
          </span>
        ),
      }),
      text(
        'dial',
        'Compound dial',
        ({ compound: { dial } }) => `${dial.graduation.value} ${dial.graduation.unit}`,
        true,
      ),
      text('zero', 'Swivel reads 0', ({ compound }) =>
        compound.swivel.zeroAlong === 'bed' ? 'along the bed' : 'along the cross slide',
      ),
      text('screw', 'Lead screw', ({ leadScrew }) => leadScrew?.advance ?? '', true),
      text('threadDial', 'Thread dial', ({ threadDial }) =>
        threadDial === null ? '' : THREAD_DIAL[threadDial.state],
      ),
      text('gearing', 'Geared by', gearedBy),
      text('speeds', 'rpm', speedsOf, true),
      text('nose', 'Spindle nose', ({ spindle }) => (spindle.nose ?? '').replaceAll('-', ' ')),
      text('trip', 'Trip', ({ trip }) => (trip.fitted === null ? '' : trip.fitted ? 'yes' : 'no')),
      column.accessor('number', { header: 'Rev.', meta: { number: true }, enableGlobalFilter: false }),
      column.display({
        id: 'file',
        header: 'File',
        cell: ({ row }) => (
          <a href={`/api/lathes/${row.original.id}`} className="underline underline-offset-2">
            JSON
          </a>
        ),
      }),
    ];
  }, [say]);
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
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap items-end gap-3">
        <Field
          label="Filter"
          className="w-56"
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
        />
        <Tick label="Those put away too" on={withArchived} onSet={setWithArchived} />
      </div>
      <div className="overflow-x-auto bg-paper-raised">
        <Table table={table} caption="Lathes of the shop" />
        {table.getRowModel().rows.length === 0 && <p className="p-3">Nothing fits “{filter}”.</p>}
      </div>
    </div>
  );
}

const THREAD_DIAL = { 'in-use': 'in use', none: 'none', unusable: 'unusable' } as const;
