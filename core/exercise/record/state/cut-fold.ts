import { cutCaseOf } from '@/core/cutting/cut/cut-feeds';
import { uncut, type CutThread } from '@/core/cutting/cut/cut-thread';
import type { Pose } from '@/core/thread/geometry/pose';
import { sheetGroove } from '../../sheet/sheet-geometry';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import type { EntryOf } from '../entry/entry';
import type { Foretold } from './foretell';
import { firstSegment, type Segment, type Standing } from './segment';
import { standingOf } from './standing';
import { Trail } from './trail';
import { NO_TRIES, type TriesSoFar } from './tries-so-far';
import type { ZeroGap } from './zero-gap';

/** A standing cut with what follows from it. Dial figures in the dial's unit, sizes in the thread's. */
export interface Cut extends Foretold {
  entry: EntryOf<'pass'>;
  /** Its place among the standing entries. */
  at: number;
  /** The row before the student, of the rows that were in force. */
  row: SheetPass | null;
  /** The figure of the dial, as if the slide of the plan alone had fed; where it was not taken, what its row says. */
  reading: number;
  readingTaken: boolean;
  /** The same as a figure of the plan, whose rows count from touch-off. */
  planReading: number;
  /** Against the reading that stands in the same start. */
  infeed: number;
  /** A cut without infeed uses up only a row that has none itself. */
  usesRow: boolean;
  /** What the latest measurement before it left to cut, as a dial reading to stop at; null without one. */
  stopReading: number | null;
  /** What the answer of a nut or another piece since then let take, as a dial reading; null without one. */
  triedReading: number | null;
  /** Depth of the tip below the work's surface, in the thread's unit; null where the zero does not tell it. */
  depth: number | null;
}

/** What a record says up to an entry: nothing of it is ever changed in place. */
export interface CutFold {
  sheet: Sheet;
  /** The sheet, with the compound at the angle at which it was really set. */
  asSet: Sheet;
  /** Whether that angle is known. */
  angleKnown: boolean;
  /** Whether anything was cut at another angle than the plan’s. */
  cutOtherwise: boolean;
  cuts: Trail<Cut>;
  tries: TriesSoFar;
  /** How deep each start was cut, as a figure of the plan. */
  reached: ReadonlyMap<number, number>;
  /** Rows of which a cut fell short by a graduation at most, by their number. */
  nearly: ReadonlyMap<number, SheetPass>;
  /** The mark that was caught first since each zero, where it was noted. */
  firstMarks: ReadonlyMap<string, string>;
  /** Where each start stands on the dial as it is zeroed now. */
  readings: ReadonlyMap<number, number>;
  /** How deep each stood since the zero. */
  deepest: ReadonlyMap<number, number>;
  segment: Segment;
  /** The groove after the last cut whose depth is known, with that cut alone. */
  thread: CutThread;
  /** What each such cut did, in their order: from it the whole groove is put together. */
  groove: Trail<GrooveCut>;
  workDiameter: number;
  passes: readonly SheetPass[];
  tipKnown: boolean;
  stopReading: number | null;
  triedReading: number | null;
  /** Where along the axis reading 0 stands, and where the tool cut last: zeros taken anew stand there. */
  zeroX: number;
  lastX: number;
}

/** A cut of the groove: where the tool stood, what it took, and the ground that it left. */
interface GrooveCut {
  pose: Pose;
  pass: CutThread['passes'][number];
  ground: CutThread['grounds'][number];
}

export function beginning(sheet: Sheet, gap: ZeroGap): CutFold {
  const { workDiameter, passes } = sheet;
  return {
    sheet,
    asSet: sheet,
    angleKnown: true,
    cutOtherwise: false,
    cuts: Trail.of(),
    tries: NO_TRIES,
    reached: new Map(),
    nearly: new Map(),
    firstMarks: new Map(),
    groove: Trail.of(),
    readings: new Map(),
    deepest: new Map(),
    segment: firstSegment(sheet, gap),
    thread: uncut(cutCaseOf(sheetGroove(sheet), { side: sheet.thread.side, workDiameter })),
    workDiameter,
    passes,
    tipKnown: sheet.tip.known,
    stopReading: null,
    triedReading: null,
    zeroX: 0,
    lastX: 0,
  };
}

export const standing = ({ asSet, segment, cuts, workDiameter, readings, deepest }: CutFold): Standing =>
  standingOf(asSet, segment, cuts.last, workDiameter, { readings, deepest });

/** The blank and every cut after it. */
export function wholeGroove({ thread, groove }: CutFold): CutThread {
  const cuts = groove.all();
  const blank = uncut(thread.cutCase).grounds;
  return {
    ...thread,
    poses: cuts.map(({ pose }) => pose),
    passes: cuts.map(({ pass }) => pass),
    grounds: [...blank, ...cuts.map(({ ground }) => ground)],
  };
}
