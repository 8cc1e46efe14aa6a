'use client';

import { createColumnHelper, getCoreRowModel, useReactTable } from '@tanstack/react-table';
import { useMemo } from 'react';
import { capital, MEASURING_WORDS } from '@/core/measuring/gauging/measuring-words';
import { dialText } from '@/core/machine/lathe/dial-text';
import type { Pass } from '@/core/cutting/schedule/passes-on-dial';
import type { Side } from '@/core/thread/standards/thread';
import { formatArea } from '@/core/base/units/format-length';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import { Table } from '@/ui/kit/table';
import { useShowLength } from '@/ui/units/display-unit';

const column = createColumnHelper<Pass>();

/** All passes with what the student reads and what the thread has become. */
export default function PassTable({
  passes,
  stopAfter,
  side,
  unit,
  perTurn,
  chosen,
  onChoose,
}: {
  passes: Pass[];
  /** The stops behind a pass, in words. */
  stopAfter: (pass: Pass) => string | undefined;
  side: Side;
  unit: LengthUnit;
  perTurn: Length;
  chosen: number;
  onChoose: (n: number) => void;
}) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  const starts = Math.max(1, ...passes.map(({ start }) => start));
  const columns = useMemo(
    () => [
      column.accessor('n', { header: 'Pass', meta: { number: true } }),
      column.accessor('kind', { header: 'Kind' }),
      ...(starts > 1 ? [column.accessor('start', { header: 'Start', meta: { number: true } })] : []),
      column.accessor((pass) => dialText(pass.dialReading, perTurn), {
        id: 'reading',
        header: `Dial reading, ${perTurn.unit}`,
        meta: { number: true },
      }),
      column.accessor((pass) => show.figures(pass.dialInfeed.value, pass.dialInfeed.unit), {
        id: 'infeed',
        header: `Infeed, ${show.unitOf(perTurn.unit)}`,
        meta: { number: true },
      }),
      column.accessor((pass) => show.figures(pass.radialDepth, unit), {
        id: 'depth',
        header: `Radial depth, ${shown}`,
        meta: { number: true },
      }),
      column.accessor((pass) => formatArea(pass.chipArea * lengthIn({ value: 1, unit }, shown) ** 2, shown), {
        id: 'chip',
        header: `Chip area, ${shown}²`,
        meta: { number: true },
      }),
      column.accessor(
        (pass) => (pass.pitchDiameter === null ? '—' : show.figures(pass.pitchDiameter, unit)),
        {
          id: 'pd',
          header: `Pitch diameter, ${shown}`,
          meta: { number: true },
        },
      ),
      column.accessor((pass) => (pass.overWires === null ? '—' : show.figures(pass.overWires, unit)), {
        id: 'mow',
        header: `${capital(MEASURING_WORDS[side].over)}, ${shown}`,
        meta: { number: true },
      }),
    ],
    [show, side, unit, shown, perTurn, starts],
  );
  const table = useReactTable({ data: passes, columns, getCoreRowModel: getCoreRowModel() });
  return (
    <Table
      table={table}
      caption="Passes of the plan"
      after={({ original }) => {
        const stop = stopAfter(original);
        return stop === undefined ? undefined : `▸ Stop: ${stop}`;
      }}
      onRowClick={(row) => onChoose(row.original.n)}
      rowClass={(row) => (row.original.n === chosen ? 'bg-brass-wash font-medium' : 'hover:bg-paper-sunk')}
    />
  );
}
