import { isKind, type Entry } from '../../../record/entry/entry';
import type { Sheet, SheetPass } from '../../../sheet/sheet';
import { cutsMade, type CarryOn, type CutMade } from './cuts-made';
import { measuredOf, type Measured } from './measured';
import { standingEntries, withLateStrikes } from './standing-entries';
import { stopsKept, type StopKept } from './stops-kept';

/** The facts of the work that these rules judge. */
export interface Conduct {
  /** The rows in force at the end. */
  passes: SheetPass[];
  /** Those that stand. */
  cuts: CutMade[];
  /** With those that were struck out only after the next one: they are evidence. */
  judgedCuts: CutMade[];
  stops: StopKept[];
  /** The last measurement; null without one. */
  measured: Measured | null;
}

/** What sheet and record say of the conduct, as rules 1 and 2 read it. Frozen with them: whatever the bench advises later. */
export function conductOf(
  sheet: Sheet,
  entries: readonly Entry[],
  zeros: 'begin-anew' | CarryOn = 'begin-anew',
): Conduct {
  const live = standingEntries(entries);
  const { cuts, passes } = cutsMade(sheet, live, zeros);
  const last = live.findLast(isKind('measurement'));
  return {
    passes,
    cuts,
    judgedCuts: cutsMade(sheet, standingEntries(withLateStrikes(entries)), zeros).cuts,
    stops: stopsKept(sheet, live, cuts),
    measured: last === undefined ? null : measuredOf(sheet, last.content),
  };
}
