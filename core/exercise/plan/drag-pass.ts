import { roundTo } from '@/core/base/units/round';
import type { LengthUnit } from '@/core/base/units/length';
import { EMPTY_ROW, type RowForm } from './draft';
import { holdChoice } from './hold-choice';
import type { PlanEvaluation } from './plan-evaluation';

/**
 * The schedule of a plan as an own table, cut by cut with its stops, as it stands: where an instructor goes on by hand. A
 * stop that goes on after every cut stays where it begins.
 */
export function asOwnTable({ thread, rows, stops }: PlanEvaluation): RowForm[] {
  if (thread === null || rows === null) return [];
  const typed = typedInfeeds(rows, thread.unit);
  return rows.flatMap(({ kind, drive }, index): RowForm[] => [
    {
      ...EMPTY_ROW,
      kind,
      infeed: typed[index] ?? '',
      drive: drive ?? '',
    },
    ...stops
      .filter(({ after }) => after === index + 1)
      .map(({ check, ...stop }) => ({ ...EMPTY_ROW, what: 'stop', check, hold: holdChoice(stop) })),
  ]);
}

/**
 * A table in which one cut takes another infeed; the next cut that feeds takes the rest, so that all readings behind it stay.
 * The last cut alone moves the end.
 * @param row of the schedule, from 1
 * @param infeed in the thread's unit; no cut is left with less than `least`
 */
export function withInfeed(
  evaluation: PlanEvaluation,
  row: number,
  infeed: number,
  least: number,
): RowForm[] {
  const { rows, thread } = evaluation;
  const table = asOwnTable(evaluation);
  const at = row - 1;
  const before = rows?.[at];
  if (rows === null || thread === null || before === undefined || before.kind === 'spring') return table;
  const next = rows.findIndex(({ kind }, index) => index > at && kind !== 'spring');
  const room = next < 0 ? Infinity : before.infeed + (rows[next]?.infeed ?? 0) - least;
  const taken = Math.max(least, Math.min(infeed, room));
  const typed = (value: number) => `${roundTo(value, 6)} ${thread.unit}`;
  const cuts = table.flatMap(({ what }, index) => (what === 'cut' ? [index] : []));
  const set = (cut: number, value: number) => {
    const index = cuts[cut];
    const found = index === undefined ? undefined : table[index];
    if (index !== undefined && found !== undefined) table[index] = { ...found, infeed: typed(value) };
  };
  set(at, taken);
  if (next >= 0) set(next, (rows[next]?.infeed ?? 0) + before.infeed - taken);
  return table;
}

/** Rows of a computed schedule as an own table; the plan's stops stand after the first cut that goes as deep. */
export function tableOf(
  { thread, rows: planned, stops }: PlanEvaluation,
  rows: readonly { kind: string; reading: number }[],
): RowForm[] {
  if (thread === null) return [];
  const left = stops.map((stop) => ({ ...stop, reading: planned?.[stop.after - 1]?.reading ?? 0 }));
  const typed = typedInfeeds(rows, thread.unit);
  return rows.flatMap(({ kind, reading }, index): RowForm[] => {
    const due = left.filter((stop) => stop.reading <= reading + 1e-9 || index === rows.length - 1);
    due.forEach((stop) => left.splice(left.indexOf(stop), 1));
    return [
      { ...EMPTY_ROW, kind, infeed: typed[index] ?? '' },
      ...due.map(({ check, ...stop }) => ({ ...EMPTY_ROW, what: 'stop', check, hold: holdChoice(stop) })),
    ];
  });
}

/** Infeeds as they are typed: differences of readings that are rounded one by one, so that rounding errors do not add up. */
function typedInfeeds(rows: readonly { kind: string; reading: number }[], unit: LengthUnit): string[] {
  let before = 0;
  return rows.map(({ kind, reading }) => {
    if (kind === 'spring') return '';
    const at = roundTo(reading, 6);
    const infeed = roundTo(at - before, 6);
    before = at;
    return `${infeed} ${unit}`;
  });
}
