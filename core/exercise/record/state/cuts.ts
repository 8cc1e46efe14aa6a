import type { CutThread } from '@/core/cutting/cut/cut-thread';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import type { Entry } from '../entry/entry';
import { toldFrom } from './compound-as-set';
import { KeptFolds } from './kept-folds';
import type { Segment } from './segment';
import type { TriesSoFar } from './tries-so-far';
import { zeroGap } from './zero-gap';
import { afterEntry } from './after-entry';
import { beginning, standing, wholeGroove, type Cut, type CutFold } from './cut-fold';

/** What was gone through already, by record and sheet; where the zero is told otherwise it begins anew. */
const FOLDS = new KeptFolds<Sheet, CutFold>(afterEntry);

export function cutsOf(
  sheet: Sheet,
  live: readonly Entry[],
): {
  cuts: Cut[];
  segment: Segment;
  /** The groove with every cut, put together when it is asked for. */
  thread: () => CutThread;
  tries: TriesSoFar;
  /** The mark that was caught first since the zeros in force; null where none was noted. */
  firstMark: string | null;
  /** How deep each start was cut, as a figure of the plan. */
  reached: ReadonlyMap<number, number>;
  nearly: ReadonlyMap<number, SheetPass>;
  dial: DialNow;
  asSet: Sheet;
  angleKnown: boolean;
  cutOtherwise: boolean;
} {
  const gap = zeroGap(sheet, live);
  const begun = `${gap.gap} ${gap.uncertainty} ${toldFrom(sheet, live)}`;
  const fold = FOLDS.over(sheet, live, begun, () => beginning(sheet, gap));
  const { cuts, segment, tries, readings, deepest, tipKnown, workDiameter, asSet, angleKnown, cutOtherwise } =
    fold;
  return {
    cuts: cuts.all(),
    segment,
    thread: () => wholeGroove(fold),
    tries,
    firstMark: fold.firstMarks.get(segment.zero) ?? null,
    reached: fold.reached,
    nearly: fold.nearly,
    asSet,
    angleKnown,
    cutOtherwise,
    dial: { reading: standing(fold).reading, readings, deepest, tipKnown, workDiameter },
  };
}

/** Where the dial stands after all that was recorded. */
export interface DialNow {
  /** In the start of the last cut. */
  reading: number;
  /** In each start that was cut. */
  readings: ReadonlyMap<number, number>;
  deepest: ReadonlyMap<number, number>;
  /** Whether the tip that cuts is known: measured as planned, or found at the bench. */
  tipKnown: boolean;
  workDiameter: number;
}
