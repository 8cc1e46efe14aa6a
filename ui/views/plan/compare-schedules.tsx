'use client';

import { LIMIT_WORDS, type LimitId } from '@/core/cutting/bears/limits';
import type { PassLoad } from '@/core/cutting/bears/pass-loads';
import type { PlanBears } from '@/core/exercise/plan/bears-of-plan';
import { formatArea } from '@/core/base/units/format-length';
import { lengthIn, type LengthUnit } from '@/core/base/units/length';
import { useShowLength } from '@/ui/units/display-unit';
import { roughly } from '@/ui/parts/plan-fields/schedule-loads';

export interface ComparedSchedule {
  name: string;
  loads: readonly PassLoad[];
  /** Depth of feed at its end, mm. */
  end: number;
}

/** Two schedules side by side: how many passes, how long, and what they ask. */
export function CompareSchedules({
  bears,
  schedules,
  unit,
}: {
  bears: PlanBears;
  schedules: readonly ComparedSchedule[];
  unit: LengthUnit;
}) {
  const show = useShowLength();
  const shown = show.unitOf(unit);
  const mm = (value: number) => show.figures(lengthIn({ value, unit: 'mm' }, unit), unit);
  const rows: [string, (loads: readonly PassLoad[], end: number) => string][] = [
    ['Passes', (loads) => String(loads.length)],
    ['Time, min', (loads) => minutes(loads.length * bears.time.whole)],
    [`Infeed, ${shown}`, (loads) => mm(most(loads.map(({ infeed }) => infeed)))],
    [
      `Chip, ${shown}²`,
      (loads) =>
        formatArea(
          most(loads.map(({ area }) => area)) * lengthIn({ value: 1, unit: 'mm' }, shown) ** 2,
          shown,
        ),
    ],
    [
      'Force, N',
      (loads) =>
        maybe(
          loads.map(({ force }) => force?.cutting ?? null),
          roughly,
        ),
    ],
    [
      'Torque, N m',
      (loads) =>
        maybe(
          loads.map(({ torque }) => torque),
          roughly,
        ),
    ],
    [
      `Gives, ${shown}`,
      (loads) =>
        maybe(
          loads.map(({ bend }) => bend),
          mm,
        ),
    ],
    [`Ends at, ${shown}`, (_, end) => mm(end)],
    ['Binds', bindsWords],
  ];
  return (
    <table className="w-full text-sm [&_th]:whitespace-nowrap">
      <thead>
        <tr>
          <td />
          {schedules.map(({ name }) => (
            <th key={name} scope="col" className="label px-1 pb-1 text-right text-ink-soft">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(([label, of]) => (
          <tr key={label} className="border-t border-rule">
            <th scope="row" className="py-0.5 pr-1 text-left font-normal text-ink-soft">
              {label}
            </th>
            {schedules.map(({ name, loads, end }) => (
              <td key={name} className="figures px-1 text-right">
                {of(loads, end)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const most = (values: readonly number[]) => Math.max(0, ...values);

function maybe(values: readonly (number | null)[], word: (value: number) => string): string {
  const known = values.filter((value): value is number => value !== null);
  return known.length === 0 ? '—' : word(most(known));
}

/** What binds most often. */
function bindsWords(loads: readonly PassLoad[]): string {
  const counts = new Map<LimitId, number>();
  for (const { binds } of loads) if (binds !== null) counts.set(binds, (counts.get(binds) ?? 0) + 1);
  const [first] = [...counts].toSorted((a, b) => b[1] - a[1]);
  return first === undefined ? 'nothing' : LIMIT_WORDS[first[0]];
}

/** Minutes and seconds of a time that only guides. */
function minutes(seconds: number): string {
  const whole = Math.round(seconds / 10) * 10;
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
