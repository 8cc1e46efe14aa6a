import { compoundFeedFor, radialDepthOf } from '@/core/thread/compound/compound';
import { cutCaseOf } from '@/core/cutting/cut/cut-feeds';
import { cutOn, uncut, type CutThread } from '@/core/cutting/cut/cut-thread';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import { sheetFrame, sheetGroove, tipOfSize } from '../../sheet/sheet-geometry';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { foretold, type Foretold } from './foretell';
import { measuredThread } from './measured-thread';
import { nutOfRecord } from './nut-of-record';
import {
  afterEvent,
  anchoredSize,
  firstSegment,
  narrowedBy,
  settledBy,
  type Segment,
  type Standing,
} from './segment';
import { zeroGap } from './zero-gap';

/** A standing cut with what follows from it. Dial figures in the dial's unit, sizes in the thread's. */
export interface Cut extends Foretold {
  entry: EntryOf<'pass'>;
  /** The row before the student, of the rows that were in force. */
  row: SheetPass | null;
  /** The figure of the dial, as if the slide of the plan alone had fed; where it was not taken, the last one known. */
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

export function cutsOf(
  sheet: Sheet,
  live: readonly Entry[],
): { cuts: Cut[]; segment: Segment; thread: CutThread; dial: DialNow } {
  // Where each start stands on the dial as it is zeroed now.
  const readings = new Map<number, number>();
  const cuts: Cut[] = [];
  let { workDiameter, passes } = sheet;
  let { known: tipKnown } = sheet.tip;
  let stopReading: number | null = null;
  let triedReading: number | null = null;
  let segment = firstSegment(zeroGap(sheet, live));
  const groove = sheetGroove(sheet);
  let thread: CutThread = uncut(cutCaseOf(groove, { side: sheet.thread.side, workDiameter }));
  // Where along the axis reading 0 stands: zeros taken anew in the groove stand where the tool cut last.
  let [zeroX, lastX] = [0, 0];
  const stands = () => standingOf(sheet, segment, cuts.at(-1), workDiameter, readings);
  for (const [index, entry] of live.entries()) {
    if (isKind('refigure')(entry)) {
      passes = entry.content.passes;
      if (entry.content.what === 'work-diameter') workDiameter = entry.content.value;
      else {
        tipKnown = true;
        const { shape } = cutCaseOf(
          { ...groove, tip: tipOfSize(sheet, entry.content.value) },
          thread.cutCase,
        );
        thread = { ...thread, cutCase: { ...thread.cutCase, shape } };
      }
    }
    if (isKind('event')(entry)) {
      const before = stands();
      segment = afterEvent(segment, entry, before);
      if (segment.zero === entry.id) {
        for (const [start, at] of readings) readings.set(start, roundTo(at - before.reading, 7));
        zeroX = lastX;
        [stopReading, triedReading] = [null, null];
      }
    }
    if (isKind('measurement')(entry)) {
      const { remainingCompound, mean } = measuredThread(sheet, entry.content);
      const at = cuts.at(-1);
      stopReading = at === undefined ? null : stopAt(sheet, stands().reading, remainingCompound);
      triedReading = null;
      segment = settledBy(sheet, segment, stands(), mean, tipKnown);
    }
    if (isKind('trial')(entry)) {
      const at = cuts.at(-1);
      const nut = nutOfRecord(sheet, live.slice(0, index + 1));
      segment = narrowedBy(segment, stands(), nut, tipKnown);
      const infeed = nut?.reckoning.nextInfeed ?? null;
      triedReading = at === undefined || infeed === null ? null : stopAt(sheet, stands().reading, infeed);
    }
    if (!isKind('pass')(entry)) continue;
    const { plannedPass, start } = entry.content;
    const row = passes.find(({ n }) => n === plannedPass) ?? null;
    const before = readingIn(readings, segment, start);
    const reading = entry.content.reading === null ? before : asFed(sheet, entry.content);
    const readingTaken = entry.content.reading !== null;
    const infeed = roundTo(reading - before, 7);
    const fed = fedDepth(sheet, reading);
    const depth = readingTaken && segment.depthAtZero !== null ? segment.depthAtZero + fed : null;
    if (depth !== null) {
      const pose = poseOfCut(sheet, reading, entry.content.crossSlide, start);
      lastX = zeroX + pose.x;
      const at = start - 1;
      thread = { ...thread, cutCase: { ...thread.cutCase, workDiameter } };
      thread = cutOn(thread, { x: lastX + at * sheet.thread.pitch, y: depth, start: at });
    }
    cuts.push({
      entry,
      row,
      reading,
      readingTaken,
      planReading: roundTo(segment.planAtZero + reading, 7),
      infeed,
      usesRow: Math.abs(infeed) > 1e-9 || row?.kind === 'spring' || !readingTaken,
      stopReading,
      triedReading,
      depth,
      ...(readingTaken
        ? foretold(sheet, segment, { fed, depth, row, workDiameter, thread, tipKnown })
        : NOT_FORETOLD),
    });
    if (Math.abs(infeed) < 1e-9) segment = { ...segment, wantsPassAtNoInfeed: false };
    readings.set(start, reading);
  }
  const { reading } = stands();
  return { cuts, segment, thread, dial: { reading, readings, tipKnown, workDiameter } };
}

/** Where the dial stands after all that was recorded. */
export interface DialNow {
  /** In the start of the last cut. */
  reading: number;
  /** In each start that was cut. */
  readings: ReadonlyMap<number, number>;
  /** Whether the tip that cuts is known: measured as planned, or found at the bench. */
  tipKnown: boolean;
  workDiameter: number;
}

/** What stands on the dial in a start; one that was not cut yet begins where touch-off was. */
export const readingIn = (readings: ReadonlyMap<number, number>, segment: Segment, start: number): number =>
  readings.get(start) ?? -segment.planAtZero;

/** A cut whose reading was not taken leaves the size open until something is measured or tried. */
const NOT_FORETOLD = { pitchDiameter: null, band: null };

/** Where the work stands after the last cut, by what was measured or tried since, or what that cut foretold. */
export function standingOf(
  sheet: Sheet,
  segment: Segment,
  last: Cut | undefined,
  workDiameter: number,
  readings: ReadonlyMap<number, number>,
): Standing {
  if (last === undefined) return { cut: null, reading: 0, fed: 0, depth: null, size: null, workDiameter };
  const { depth, entry, band, pitchDiameter, readingTaken } = last;
  const reading = readingIn(readings, segment, entry.content.start);
  const fed = fedDepth(sheet, reading);
  const { anchor } = segment;
  const anchored =
    anchor !== null && (anchor.cut === entry.id || (entry.content.zero === segment.zero && readingTaken));
  const own = pitchDiameter === null ? band : { min: pitchDiameter, max: pitchDiameter };
  return {
    cut: entry.id,
    reading,
    fed,
    depth,
    size: anchored ? anchoredSize(sheet, anchor, fed) : segment.foretells ? own : null,
    workDiameter,
  };
}

/** Radial depth that a reading of the dial feeds, in the thread's unit. */
export function fedDepth(sheet: Sheet, reading: number): number {
  const { unit } = sheet.lathe.dial.graduation;
  const travel = lengthIn({ value: dialTravel(sheet, reading), unit }, sheet.thread.unit);
  return radialDepthOf(travel, sheet.feed.angleDeg);
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

/** The reading of the planned slide that goes as deep as this cut, where the cross slide fed beyond its zero too. */
function asFed(sheet: Sheet, { reading, crossSlide }: EntryOf<'pass'>['content']): number {
  const dial = reading ?? 0;
  if (crossSlide === null) return dial;
  const travel = compoundFeedFor(crossSlide, sheet.feed.angleDeg);
  return roundTo(dial + (sheet.lathe.dial.reads === 'diameter' ? 2 * travel : travel), 7);
}

/** Whether one figure is deeper than another as this dial can tell them apart. */
export function isDeeper({ lathe: { dial } }: Sheet, figure: number, than: number): boolean {
  return figure - than > dial.graduation.value / 2 - 1e-9;
}

/** A figure of the dial as travel of the slide, in the dial's unit. */
export function dialTravel({ lathe }: Sheet, figure: number): number {
  return lathe.dial.reads === 'diameter' ? figure / 2 : figure;
}

/** The reading at which a remaining feed is used up, on a whole graduation. `remaining` in the thread's unit. */
export function stopAt({ lathe: { dial }, thread }: Sheet, reading: number, remaining: number): number {
  const { value: graduation, unit } = dial.graduation;
  const shown = lengthIn({ value: remaining, unit: thread.unit }, unit) * (dial.reads === 'diameter' ? 2 : 1);
  return roundTo(Math.round((reading + shown) / graduation) * graduation, 6);
}
