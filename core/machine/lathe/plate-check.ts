import { safeMarksFrom, type DialMark } from '../thread-dial/safe-marks';
import { dialGearsOf } from './dial-of';
import type { Lathe } from './lathe';
import { advanceStored, screwOf } from './screw-of';

/** A line of the plate beside a thread dial, held against the arithmetic. */
export interface PlateLine {
  /** Index of the line. */
  line: number;
  thread: string;
  labels: readonly string[];
  /**
   * `agrees`; `leaves-out`: all that it names is safe, more would be; `unsafe`: marks that it names find another
   * groove; `no-such-label`; `not-checked`: screw or gear are not known.
   */
  verdict: 'agrees' | 'leaves-out' | 'unsafe' | 'no-such-label' | 'not-checked';
  /** What is safe by the arithmetic after the first mark that the plate names, as labels. */
  safe: string[];
}

/** The plate of a lathe, line by line; the dial's first gear counts where it has several that would do. */
export function checkPlate(lathe: Lathe): PlateLine[] {
  const screw = screwOf(lathe);
  const gears = dialGearsOf(lathe);
  return (lathe.threadDial?.plate ?? []).map(({ thread, labels }, line) => {
    const lead = advanceStored(thread);
    if (screw === null || lead === null || gears.length === 0)
      return { line, thread, labels, verdict: 'not-checked', safe: [] };
    const verdicts = gears.map(({ teeth, marks }) =>
      verdictOf(labels, marks, (first) => safeMarksFrom(first, marks, { screw, lead, gearTeeth: teeth })),
    );
    const best = RANK.flatMap((rank) => verdicts.filter(({ verdict }) => verdict === rank))[0];
    return { line, thread, labels, ...(best ?? { verdict: 'not-checked', safe: [] }) };
  });
}

const RANK = ['agrees', 'leaves-out', 'unsafe', 'no-such-label'] as const;

function verdictOf(
  labels: readonly string[],
  marks: readonly DialMark[],
  safeFrom: (first: number) => number[],
): Pick<PlateLine, 'verdict' | 'safe'> {
  const named = namedMarks(labels, marks);
  const first = named?.[0];
  if (named === null || first === undefined) return { verdict: 'no-such-label', safe: [] };
  const safe = safeFrom(first);
  const texts = [...new Set(safe.map((index) => marks[index]?.label ?? '').filter((label) => label !== ''))];
  if (named.some((index) => !safe.includes(index))) return { verdict: 'unsafe', safe: texts };
  return { verdict: safe.some((index) => !named.includes(index)) ? 'leaves-out' : 'agrees', safe: texts };
}

/** Marks that bear the labels: a letter that stands twice means both. `all` means every one. */
function namedMarks(labels: readonly string[], marks: readonly DialMark[]): number[] | null {
  if (labels.length === 1 && /^(all|any)$/i.test(labels[0] ?? '')) return [...marks.keys()];
  if (labels.some((label) => marks.every((mark) => mark.label !== label))) return null;
  return marks.flatMap(({ label }, index) => (labels.includes(label) ? [index] : []));
}
