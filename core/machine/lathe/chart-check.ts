import Fraction from 'fraction.js';
import { errorPpm, ratioWanted, type Train } from '../gearing/train';
import { exactFigure } from '../gearing/advance';
import type { Lathe } from './lathe';
import { advanceStored, screwOf } from './screw-of';

type ChangeGears = NonNullable<Lathe['gearing']['changeGears']>;

/** The gears of a line of the chart as a train; idlers left out. */
export function trainOfLine(places: ChangeGears['places'], teeth: readonly (number | null)[]): Train {
  const of = (role: 'driver' | 'driven') =>
    places.flatMap((place, index) => (place.role === role && teeth[index] != null ? [teeth[index]] : []));
  return { drivers: of('driver'), driven: of('driven') };
}

/** What fixed gears inside do to one turn of the spindle. */
export const fixedRatioOf = ({ gearing }: Lathe): Fraction =>
  exactFigure(gearing.fixedRatio ?? '') ?? new Fraction(1);

/** From this error on a line does not cut its thread but another one; charts of whole gears approximate a metric pitch by less (common practice). */
const WRONG_PPM = 3000;

export interface ChartLine {
  line: number;
  thread: string;
  /** Of the lead, signed; null where screw or gears are not known. */
  errorPpm: number | null;
  /** `exact`; `near`: an approximation; `wrong`: another thread; `not-checked`. */
  verdict: 'exact' | 'near' | 'wrong' | 'not-checked';
}

/** The change-gear chart held against the arithmetic, line by line. */
export function checkChangeGears(lathe: Lathe): ChartLine[] {
  const screw = screwOf(lathe);
  const chart = lathe.gearing.changeGears;
  return (chart?.rows ?? []).map(({ thread, teeth }, line) => {
    const lead = advanceStored(thread);
    const train = trainOfLine(chart?.places ?? [], teeth);
    if (
      screw === null ||
      lead === null ||
      train.drivers.length === 0 ||
      train.drivers.length !== train.driven.length
    )
      return { line, thread, errorPpm: null, verdict: 'not-checked' };
    const error = errorPpm(train, ratioWanted(lead, screw, fixedRatioOf(lathe)));
    return {
      line,
      thread,
      errorPpm: error,
      verdict: error === 0 ? 'exact' : Math.abs(error) < WRONG_PPM ? 'near' : 'wrong',
    };
  });
}

export interface LeverClash {
  line: number;
  thread: string;
  /** The line that it does not agree with. */
  other: number;
  why: 'same-levers' | 'other-step';
}

/**
 * A quick-change chart held against itself. Two threads can not have the same levers; and a lever moved from one
 * position to another changes the lead by the same factor whatever the other levers do (common practice: each lever
 * shifts one set of gears). Lines that stand against the many are named.
 */
export function checkQuickChange(lathe: Lathe): LeverClash[] {
  const rows = (lathe.gearing.quickChange?.rows ?? []).flatMap(({ thread, positions }, line) => {
    const lead = advanceStored(thread);
    return lead === null ? [] : [{ line, thread, positions, lead: lead.mm }];
  });
  const clashes: LeverClash[] = [];
  const steps = new Map<string, { factor: string; lines: [number, number] }[]>();
  for (const [index, a] of rows.entries())
    for (const b of rows.slice(index + 1)) {
      const moved = a.positions.flatMap((position, lever) =>
        position === b.positions[lever] ? [] : [lever],
      );
      if (moved.length === 0 && !a.lead.equals(b.lead))
        clashes.push({ line: b.line, thread: b.thread, other: a.line, why: 'same-levers' });
      const [lever] = moved;
      if (moved.length !== 1 || lever === undefined) continue;
      const [from, to] = [a.positions[lever] ?? '', b.positions[lever] ?? ''];
      const [key, factor] =
        from < to
          ? [`${lever} ${from} ${to}`, b.lead.div(a.lead)]
          : [`${lever} ${to} ${from}`, a.lead.div(b.lead)];
      const at = steps.get(key) ?? [];
      at.push({ factor: factor.toFraction(), lines: [a.line, b.line] });
      steps.set(key, at);
    }
  return [...clashes, ...outliers(steps, rows)];
}

/** Lines that take part in more steps that stand alone than in steps that agree with others. */
function outliers(
  steps: ReadonlyMap<string, readonly { factor: string; lines: [number, number] }[]>,
  rows: readonly { line: number; thread: string }[],
): LeverClash[] {
  const against = new Map<number, { alone: number; agreed: number; other: number }>();
  for (const same of steps.values()) {
    if (same.length < 2) continue;
    const count = (factor: string) => same.filter((each) => each.factor === factor).length;
    const most = Math.max(...same.map(({ factor }) => count(factor)));
    if (most < 2) continue;
    for (const { factor, lines } of same)
      for (const [line, other] of [lines, [lines[1], lines[0]] as const]) {
        const tally = against.get(line) ?? { alone: 0, agreed: 0, other };
        if (count(factor) === most) tally.agreed += 1;
        else {
          tally.alone += 1;
          tally.other = other;
        }
        against.set(line, tally);
      }
  }
  return rows.flatMap(({ line, thread }) => {
    const tally = against.get(line);
    return tally !== undefined && tally.alone > tally.agreed
      ? [{ line, thread, other: tally.other, why: 'other-step' as const }]
      : [];
  });
}
