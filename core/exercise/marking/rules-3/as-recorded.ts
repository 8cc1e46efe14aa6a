import type { Entry, EntryOf } from '../../record/entry/entry';
import { angleAsSet, isOfCompound, toldOf } from '../../record/state/compound-as-set';
import { figureAtDepth } from '../../record/state/feed';
import { orderOfWork } from '../../record/state/leading';
import { zeroGap } from '../../record/state/zero-gap';
import type { CarryOn } from '../rules-2/facts/cuts-made';
import type { Sheet } from '../../sheet/sheet';

/**
 * What of a record stands otherwise on the dial than the plan has it. Only sheets that are reckoned so have any of it: what
 * `as-recorded` means is never changed, another meaning is another name.
 */
const isSo = ({ reckoned }: Sheet) => reckoned === 'as-recorded';

/** The figure of the plan at which the dial's zero stood at touch-off. */
function planAtTouchOff(sheet: Sheet, live: readonly Entry[]): number {
  const { gap } = zeroGap(sheet, live);
  return !isSo(sheet) || gap === null ? 0 : 0 - figureAtDepth(sheet, gap);
}

/** How much of a figure of the dial counts in depth, against the plan, where a cut was made with the compound set otherwise. */
function shareOfFeed(sheet: Sheet, live: readonly Entry[], cut: EntryOf<'pass'>): number {
  if (!isSo(sheet) || sheet.feed.slide !== 'compound') return 1;
  const set = live.slice(0, live.indexOf(cut)).findLast(isOfCompound);
  if (set === undefined) return 1;
  const told = toldOf(live, set);
  const angle = angleAsSet(sheet, told, told === live.findLast(isOfCompound));
  const cos = (deg: number) => Math.cos((deg * Math.PI) / 180);
  return angle === null ? 1 : cos(angle) / cos(sheet.feed.angleDeg);
}

/** The record in the order in which it was done. */
export const asDone = (sheet: Sheet, entries: readonly Entry[]): readonly Entry[] =>
  isSo(sheet) ? orderOfWork(entries) : entries;

/** Zeros that carry the plan on, as rules 3 have them. */
export const carryOn = (sheet: Sheet): CarryOn => ({
  planAtTouchOff: (live) => planAtTouchOff(sheet, live),
  shareOfFeed: (live, cut) => shareOfFeed(sheet, live, cut),
});
