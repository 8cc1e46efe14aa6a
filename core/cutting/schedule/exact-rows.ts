import { compoundFeedFor, radialDepthOf } from '@/core/thread/compound/compound';
import { depthForArea, grooveArea } from '../groove/tip-profile';
import type { GrooveCase } from '../groove/groove-case';
import type { PassKind } from './pass-kind';

/** What is asked of a schedule, before any dial: compound feeds in the groove's unit. */
export interface RowOrder {
  groove: GrooveCase;
  /** Total compound feed to the target, exact. */
  totalFeed: number;
  scratch: number;
  roughing: number;
  finishing: number;
  finishingInfeed: number;
  spring: number;
}

/** One row as asked, exact: a lathe's dial rounds it. Reading counts from touch-off. */
export interface ExactRow {
  kind: PassKind;
  infeed: number;
  reading: number;
}

/** The feed that is left for roughing; not over zero when scratch and finishing take all. */
export function roughingFeed(order: Omit<RowOrder, 'roughing' | 'spring' | 'groove'>): number {
  return order.totalFeed - order.scratch - order.finishing * order.finishingInfeed;
}

/**
 * Constant chip area: after the scratch pass every roughing pass removes the same cross-section, then finishing passes
 * of fixed infeed reach the target, then spring passes at no infeed (common practice; the area by geometry, see
 * `grooveArea`). Null when scratch and finishing leave nothing to rough.
 */
export function constantAreaRows(order: RowOrder): ExactRow[] | null {
  const { totalFeed, scratch, roughing, finishing, finishingInfeed, spring } = order;
  if (roughingFeed(order) <= 0) return null;
  const roughEnd = roughingEnd(order);
  const rows: ExactRow[] = [];
  let before = 0;
  const add = (kind: PassKind, reading: number) => {
    rows.push({ kind, reading, infeed: reading - before });
    before = reading;
  };
  if (scratch > 0) add('scratch', scratch);
  for (let k = 1; k <= roughing; k += 1) add('rough', roughingReading(order, k, roughing));
  for (let k = 1; k <= finishing; k += 1) add('finish', roughEnd + k * finishingInfeed);
  for (let k = 0; k < spring; k += 1) rows.push({ kind: 'spring', reading: totalFeed, infeed: 0 });
  return rows;
}

type Order = Omit<RowOrder, 'roughing'>;

function roughingEnd({ totalFeed, finishing, finishingInfeed }: Order): number {
  return totalFeed - finishing * finishingInfeed;
}

/** The reading after the k-th of so many roughing passes: an equal share of the area between scratch and finishing. */
function roughingReading(order: Order, k: number, roughing: number): number {
  const { groove, scratch } = order;
  const roughEnd = roughingEnd(order);
  if (k === roughing) return roughEnd;
  const areaAt = (feed: number) =>
    grooveArea(groove.tip, groove.flankAngleDeg, radialDepthOf(feed, groove.compoundAngleDeg));
  const [first, last] = [areaAt(scratch), areaAt(roughEnd)];
  const area = first + ((last - first) * k) / roughing;
  return compoundFeedFor(depthForArea(groove.tip, groove.flankAngleDeg, area), groove.compoundAngleDeg);
}

/** The largest infeed of a schedule. */
export function largestOf(rows: readonly ExactRow[]): number {
  return Math.max(0, ...rows.map(({ infeed }) => infeed));
}

const MOST_ROUGHING = 60;

/** The fewest roughing passes that keep every infeed at or under a limit; null when none up to 60 does. */
export function fewestRoughing(order: Order, limit: number): number | null {
  if (roughingFeed(order) <= 0) return null;
  // The groove widens with its depth: the first roughing pass is the largest, and it shrinks with their number, so that
  // the fewest is found by halving.
  const others = Math.max(order.scratch, order.finishing > 0 ? order.finishingInfeed : 0);
  const fits = (roughing: number) =>
    Math.max(others, roughingReading(order, 1, roughing) - order.scratch) <= limit * (1 + 1e-9);
  if (!fits(MOST_ROUGHING)) return null;
  let [low, high] = [0, MOST_ROUGHING];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (fits(middle)) high = middle;
    else low = middle;
  }
  return high;
}
