'use client';

import { useMemo } from 'react';
import { fitTable } from '@/core/tables';
import type { Coating, Fit } from '@/core/thread';
import { formatLength } from '@/core/units';
import { LimitsTable } from './limits-table';
import { ToleranceZones } from './tolerance-zones';
import { WiresTable } from './wires-table';

export interface ThreadTablesProps {
  fit: Fit;
  coating?: Coating | null;
  basis?: string | undefined;
  /** One column, for a narrow place. */
  narrow?: boolean;
}

/** What is looked up for a thread and its mate: limits, wires, gauges, tolerance zones. In Tables and in planning. */
export function ThreadTables({ fit, coating = null, basis, narrow = false }: ThreadTablesProps) {
  const members = useMemo(() => fitTable(fit), [fit]);
  const { unit } = fit.external.thread;
  const show = (value: number) => formatLength({ value, unit });
  return (
    <div
      className={narrow ? 'grid gap-4 p-3' : 'grid grid-cols-[minmax(0,1fr)_34rem] gap-4 tablet:grid-cols-1'}
    >
      <div className="grid content-start gap-4">
        <LimitsTable members={members} coating={coating} basis={basis} />
        <WiresTable members={members} />
      </div>
      <section aria-label="Tolerance zones" className="grid content-start gap-1">
        <div className="h-80">
          <ToleranceZones fit={fit} />
        </div>
        <p className="text-sm text-ink-soft">
          Deviations from the basic profile in {unit === 'in' ? 'ten-thousandths of an inch' : 'micrometres'},
          on the diameter. Play on the pitch diameter{' '}
          <span className="figures">{show(fit.clearance.min)}</span> to{' '}
          <span className="figures">{show(fit.clearance.max)}</span> {unit}.
        </p>
      </section>
    </div>
  );
}
