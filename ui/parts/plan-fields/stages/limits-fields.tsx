'use client';

import { roundTo } from '@/core/base/units/round';
import { lengthIn } from '@/core/base/units/length';
import { PlanFold } from '../plan-fold';
import { PlanTextField } from '../plan-field';
import { roughly } from '../schedule-loads';
import { useBears } from '../use-bears';
import { useUnits } from './use-units';

/** What tool, machine and part bear beside the largest infeed: the chart holds every pass against it. */
export function LimitsFields() {
  return (
    <PlanFold title="What it bears" holds={['schedule.limits']}>
      <Limits />
    </PlanFold>
  );
}

/** Only while it is open: what is proposed follows from the loads of all passes, and a key stroke need not wait for them. */
function Limits() {
  const bears = useBears();
  const { thread: unit } = useUnits();
  const proposed = (mm: number | undefined) =>
    mm === undefined
      ? undefined
      : String(roundTo(lengthIn({ value: mm, unit: 'mm' }, unit), unit === 'in' ? 4 : 3));
  const torque = bears?.spindle.torque ?? null;
  return (
    <>
      <PlanTextField
        field="schedule.limits.area"
        label="Largest chip area"
        unit={`${unit}²`}
        hint="Empty: no limit of its own."
      />
      <div className="grid grid-cols-2 gap-x-2 gap-y-3">
        <PlanTextField
          field="schedule.limits.leastChip"
          label="Thinnest chip"
          unit={unit}
          proposed={proposed(bears?.proposed.thin)}
        />
        <PlanTextField
          field="schedule.limits.beforeTip"
          label="Before the tip"
          unit={unit}
          proposed={proposed(bears?.proposed.tip)}
        />
      </div>
      <PlanTextField
        field="schedule.limits.bending"
        label={bears?.bends === 'bar' ? 'The bar may give' : 'The part may give'}
        unit={unit}
        proposed={proposed(bears?.proposed.bend)}
      />
      <p className="text-sm text-ink-soft">
        {torque === null
          ? 'The torque of the lathe looked at is not known.'
          : `Torque is the lathe’s: ${roughly(torque)} N m at ${Math.round(bears?.rpm ?? 0)} rpm.`}{' '}
        The view Chart holds every pass against these limits.
      </p>
    </>
  );
}
