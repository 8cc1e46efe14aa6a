'use client';

import { useMemo } from 'react';
import { fitTable } from '@/core/measuring/tables/thread-table';
import { coatingByAllowance, type Coating } from '@/core/thread/standards/coating';
import { formOf } from '@/core/thread/standards/systems';
import type { Fit } from '@/core/thread/standards/fit';
import { formatLength, LENGTH_DECIMALS } from '@/core/base/units/format-length';
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
      className={
        narrow
          ? 'grid gap-4 p-3'
          : 'grid grid-cols-[minmax(0,1fr)_34rem] gap-4 tablet:grid-cols-1 print:grid-cols-1'
      }
    >
      <div className="grid content-start gap-4">
        <div>
          <LimitsTable members={members} coating={coating} basis={basis} />
          {coating !== null && <CoatingPractice fit={fit} coating={coating} />}
        </div>
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

/** The other practice for the coating of the external member. */
function CoatingPractice({ fit, coating }: { fit: Fit; coating: Coating }) {
  const { thread, limits } = fit.external;
  const { unit } = thread;
  const show = (value: number, extra = 0) => formatLength({ value, unit }, unit, extra);
  const other = coatingByAllowance(limits, formOf(thread), LENGTH_DECIMALS[unit]);
  return (
    <p className="border-t border-rule bg-brass-wash px-2 py-1.5 text-sm">
      The limits of the class are those after plating.{' '}
      {other === null ? (
        'This class has no allowance that could take the coating instead.'
      ) : (
        <>
          Other practice: cut the external thread to its class and let the allowance take the coating. It
          takes up to <span className="figures">{show(other.thickest, 1)}</span> {unit}, so this one{' '}
          {coating.max <= other.thickest + 1e-12 ? 'fits' : 'is too thick'}; the pitch diameter may then reach
          the basic <span className="figures">{show(other.pitchDiameterMax)}</span> {unit} (ASME B1.1 for 2A,
          ISO 965-1 for e, f and g).
        </>
      )}
    </p>
  );
}
