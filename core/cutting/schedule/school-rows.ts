import type { ExactRow } from './exact-rows';
import type { PassKind } from './pass-kind';

/** What the schools other than constant area ask. Feeds of the slide, in one unit. */
export interface SchoolOrder {
  /** Feed to the target. */
  totalFeed: number;
  scratch: number;
  finishing: number;
  finishingInfeed: number;
  spring: number;
}

/** Builds rows reading by reading. */
function builder() {
  const rows: ExactRow[] = [];
  let before = 0;
  const add = (kind: PassKind, reading: number) => {
    rows.push({ kind, reading, infeed: reading - before });
    before = reading;
  };
  return { rows, add, at: () => before };
}

/** Slack that keeps binary noise from making one more pass. */
const SLACK = 1e-9;

/** Rows that rough by the infeed that is asked for at a reading, then finish and spring; null when nothing is left to rough. */
function toTarget(
  order: SchoolOrder,
  infeedAt: (reading: number, count: number) => number,
): ExactRow[] | null {
  const { totalFeed, scratch, finishing, finishingInfeed, spring } = order;
  const roughEnd = totalFeed - finishing * finishingInfeed;
  if (roughEnd - scratch <= SLACK) return null;
  const { rows, add, at } = builder();
  if (scratch > 0) add('scratch', scratch);
  for (let count = 0; at() < roughEnd - SLACK && count < MOST_CUTS; count += 1)
    add('rough', nextReading(at(), infeedAt(at(), count), roughEnd));
  for (let k = 1; k <= finishing; k += 1) add('finish', roughEnd + k * finishingInfeed);
  for (let k = 0; k < spring; k += 1) add('spring', totalFeed);
  return rows;
}

/** Where a sliver would be left for the last cut, the last two share what is left: no dial could set a sliver. */
function nextReading(at: number, infeed: number, end: number): number {
  const left = end - at - infeed;
  if (left <= SLACK) return end;
  return left < infeed / 4 ? at + (infeed + left) / 2 : at + infeed;
}

const MOST_CUTS = 200;

/** The same infeed throughout; the last one or two roughing passes take what is left (common practice). */
export function constantInfeedRows(order: SchoolOrder, infeed: number): ExactRow[] | null {
  return toTarget(order, () => infeed);
}

/** A constant infeed to two thirds of the feed, then a smaller one (common practice: 0.005, then 0.002 in). */
export function twoThirdsRows(order: SchoolOrder, infeed: number, second: number): ExactRow[] | null {
  return toTarget(order, (reading) =>
    reading + infeed <= (2 / 3) * order.totalFeed + SLACK ? infeed : Math.min(infeed, second),
  );
}

/** Infeeds of a list, 8, 8, 7, 6, 5; the last one goes on to the end (common practice). */
export function listRows(order: SchoolOrder, infeeds: readonly number[]): ExactRow[] | null {
  return toTarget(order, (_, count) => infeeds[Math.min(count, infeeds.length - 1)] ?? order.totalFeed);
}

/** Cumulative readings of a chart, as travel of the slide; a reading that is repeated is a spring pass (common practice). */
export function chartRows(readings: readonly number[]): ExactRow[] {
  const { rows, add, at } = builder();
  readings.forEach((reading) => add(reading > at() + SLACK ? 'rough' : 'spring', reading));
  return rows;
}

/** What a repeat until a check is made of. Feeds of the slide, in one unit. */
export interface RepeatOrder {
  scratch: number;
  infeed: number;
  /** The bite near size, where the band may be passed in one infeed. */
  nearInfeed: number;
  /** Feed to the target, as far as it can be foretold. */
  totalFeed: number;
  /** How often in all; null: until a tenth beyond what is foretold, and 20 times at least. */
  atMost: number | null;
}

/** Near size is where so much of the feed is left, or one infeed; common practice. */
const NEAR_SIZE = 0.15;
const USUAL_TIMES = 20;

/** The same infeed again and again until a check says enough, with a smaller one from near size on. */
export function untilRows({ scratch, infeed, nearInfeed, totalFeed, atMost }: RepeatOrder): ExactRow[] {
  const { rows, add, at } = builder();
  if (scratch > 0) add('scratch', scratch);
  const near = nearInfeed < infeed - SLACK ? totalFeed - Math.max(infeed, NEAR_SIZE * totalFeed) : Infinity;
  const isEnough = (count: number) =>
    atMost === null ? count >= USUAL_TIMES && at() >= 1.1 * totalFeed : count >= atMost;
  for (let count = 0; !isEnough(count) && count < MOST_CUTS; count += 1)
    if (at() + infeed <= near + SLACK) add('rough', at() + infeed);
    else add('finish', at() + nearInfeed);
  return rows;
}

/** An own table, infeed by infeed. */
export function ownRows(cuts: readonly { kind: PassKind; infeed: number }[]): ExactRow[] {
  const { rows, add, at } = builder();
  cuts.forEach(({ kind, infeed }) => add(kind, at() + infeed));
  return rows;
}
