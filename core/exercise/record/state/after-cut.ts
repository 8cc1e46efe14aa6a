import { compoundFeedFor } from '@/core/thread/compound/compound';
import { cutOn, type CutThread } from '@/core/cutting/cut/cut-thread';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import { onDialNow } from '../../sheet/on-dial-now';
import { sheetFrame } from '../../sheet/sheet-geometry';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import type { EntryOf } from '../entry/entry';
import { fedByCompound } from './fed-by-compound';
import { asFed, dialTravel, fedDepth } from './feed';
import { foretold } from './foretell';
import type { Segment } from './segment';
import { readingIn } from './standing';
import type { Cut, CutFold } from './cut-fold';

/** Beyond it no figure is one of a cut: the deepest thread needs less than one. */
const DEEPEST_PITCHES = 8;

export function afterCut(sheet: Sheet, before: CutFold, entry: EntryOf<'pass'>, at: number): CutFold {
  const { compound } = entry.content;
  return afterFeed(sheet, compound === null ? before : fedByCompound(sheet, before, compound), entry, at);
}

function afterFeed(sheet: Sheet, fold: CutFold, entry: EntryOf<'pass'>, place: number): CutFold {
  const { segment, readings, passes, workDiameter, stopReading, triedReading, tipKnown } = fold;
  const { plannedPass, start } = entry.content;
  const row = passes.find(({ n }) => n === plannedPass) ?? null;
  const before = readingIn(readings, segment, start);
  const ofRow = row === null || row.start !== start ? before : rowFigure(sheet, segment, row);
  const readingTaken = entry.content.reading !== null;
  const reading = readingTaken ? asFed(sheet, entry.content) : Math.max(before, ofRow);
  const infeed = roundTo(reading - before, 7);
  const fed = fedDepth(sheet, reading);
  const stood = readingIn(fold.deepest, segment, start);
  const reached = sheet.reckoned === 'as-planned' ? reading : Math.max(reading, stood);
  const known =
    readingTaken && fold.angleKnown && segment.depthAtZero !== null ? segment.depthAtZero + fed : null;
  // Nobody cuts so deep with a single point: such a reading says nothing of the groove.
  const depth = known !== null && known > DEEPEST_PITCHES * sheet.thread.pitch ? null : known;
  let { thread, lastX, groove } = fold;
  if (depth !== null) {
    lastX = fold.zeroX + poseOfCut(sheet, reading, entry.content.crossSlide, start).x;
    const at = start - 1;
    thread = { ...thread, cutCase: { ...thread.cutCase, workDiameter } };
    thread = cutAlone(thread, { x: lastX + at * sheet.thread.pitch, y: depth, start: at });
    const [pose, pass, ground] = [thread.poses[0], thread.passes[0], thread.grounds[1]];
    if (pose !== undefined && pass !== undefined && ground !== undefined)
      groove = groove.with({ pose, pass, ground });
  }
  const cut: Cut = {
    entry,
    at: place,
    row,
    reading,
    readingTaken,
    planReading: roundTo(segment.planAtZero + reading, 7),
    infeed,
    usesRow: Math.abs(infeed) > 1e-9 || row?.kind === 'spring' || !readingTaken,
    stopReading,
    triedReading,
    depth,
    ...(readingTaken && fold.angleKnown
      ? foretold(sheet, segment, {
          fed: fedDepth(sheet, reached),
          depth: depth === null ? null : depth + fedDepth(sheet, reached) - fed,
          row,
          workDiameter,
          thread,
          tipKnown,
        })
      : NOT_FORETOLD),
  };
  return {
    ...fold,
    cutOtherwise: fold.cutOtherwise || fold.asSet !== fold.sheet,
    cuts: fold.cuts.with(cut),
    ...withReached(fold.sheet, fold, cut),
    firstMarks: withMark(fold.firstMarks, entry.content),
    groove,
    readings: new Map(readings).set(start, reading),
    deepest: new Map(fold.deepest).set(start, reached),
    // Where nobody read the dial, a cut of no row says nothing of its infeed.
    segment:
      Math.abs(infeed) < 1e-9 && (readingTaken || row !== null)
        ? { ...segment, wantsPassAtNoInfeed: false }
        : segment,
    thread,
    lastX,
  };
}

type Reached = Pick<CutFold, 'reached' | 'nearly'>;

export const NOTHING_REACHED: Reached = { reached: new Map(), nearly: new Map() };

/** How deep the starts were cut, with one cut more. Short of its row by one graduation nobody cuts that alone. */
export function withReached({ lathe: { dial } }: Sheet, { reached, nearly }: Reached, cut: Cut): Reached {
  const { planReading, infeed, row } = cut;
  const { start } = cut.entry.content;
  const isShort =
    row !== null && infeed > 0 && row.dialReading.value - planReading < dial.graduation.value * 1.5;
  return {
    reached:
      planReading > (reached.get(start) ?? -Infinity) ? new Map(reached).set(start, planReading) : reached,
    nearly: isShort && nearly.get(row.n) !== row ? new Map(nearly).set(row.n, row) : nearly,
  };
}

/** New zeros in the groove begin a new set: the first catch after them decides which marks bring the tool back. */
function withMark(
  marks: CutFold['firstMarks'],
  { zero, mark }: EntryOf<'pass'>['content'],
): CutFold['firstMarks'] {
  return mark === null || marks.has(zero) ? marks : new Map(marks).set(zero, mark);
}

/** The same thread with this cut alone, on the ground that the cuts before it left. */
function cutAlone(thread: CutThread, pose: Pose): CutThread {
  const ground = thread.grounds.at(-1) ?? [];
  return cutOn({ ...thread, poses: [], passes: [], grounds: [ground] }, pose);
}

/** Where a row stands on the dial: on a graduation, as it is told. */
function rowFigure(sheet: Sheet, { planAtZero }: Segment, { dialReading }: SheetPass): number {
  return sheet.reckoned === 'as-planned'
    ? dialReading.value - planAtZero
    : onDialNow(sheet, planAtZero, dialReading.value);
}

/** Where a cut's slides put the tool against reading 0: what the cross slide fed beyond its zero went straight in. */
function poseOfCut(sheet: Sheet, reading: number, crossSlide: number | null, start: number): Pose {
  const { unit } = sheet.lathe.dial.graduation;
  const inUnit = (value: number) => lengthIn({ value, unit }, sheet.thread.unit);
  const straight = inUnit(crossSlide ?? 0);
  const { angleDeg } = sheet.feed;
  const compound = inUnit(dialTravel(sheet, reading)) - compoundFeedFor(straight, angleDeg);
  return poseOf({
    compound,
    compoundAngleDeg: angleDeg,
    fed: sheetFrame(sheet).fed,
    crossSlide: straight,
    start: start - 1,
  });
}

/** A cut whose reading was not taken leaves the size open until something is measured or tried. */
const NOT_FORETOLD = { pitchDiameter: null, band: null };
