import { compoundFeedFor } from '@/core/thread/compound/compound';
import { cutCaseOf } from '@/core/cutting/cut/cut-feeds';
import { cutOn, uncut, type CutThread } from '@/core/cutting/cut/cut-thread';
import { poseOf, type Pose } from '@/core/thread/geometry/pose';
import { onDialNow } from '../../sheet/on-dial-now';
import { sheetFrame, sheetGroove, tipOfSize } from '../../sheet/sheet-geometry';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { roundTo } from '@/core/base/units/round';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { angleAsSet, isOfCompound, sheetAtAngle, toldFrom, toldOf } from './compound-as-set';
import { fedByCompound } from './fed-by-compound';
import { asFed, dialTravel, fedDepth, figureAtDepth, isDeeper, stopAt } from './feed';
import { runsFree } from '@/core/measuring/nut/nut-answer';
import { foretold, type Foretold } from './foretell';
import { measuredThread } from './measured-thread';
import { KeptFolds } from './kept-folds';
import { nutOfRecord } from './nut-of-record';
import {
  afterEvent,
  firstSegment,
  narrowedBy,
  narrowedByGauge,
  settledBy,
  type Segment,
  type Standing,
} from './segment';
import { readingIn, standingOf } from './standing';
import { Trail } from './trail';
import { NO_TRIES, withEntry, type TriesSoFar } from './tries-so-far';
import { zeroGap, type ZeroGap } from './zero-gap';

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

/** What the record says up to an entry: nothing of it is ever changed in place. */
interface Fold {
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

/** What was gone through already, by record and sheet; where the zero is told otherwise it begins anew. */
const FOLDS = new KeptFolds<Sheet, Fold>(after);

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

function beginning(sheet: Sheet, gap: ZeroGap): Fold {
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

const standing = ({ asSet, segment, cuts, workDiameter, readings, deepest }: Fold): Standing =>
  standingOf(asSet, segment, cuts.last, workDiameter, { readings, deepest });

/** The blank and every cut after it. */
function wholeGroove({ thread, groove }: Fold): CutThread {
  const cuts = groove.all();
  const blank = uncut(thread.cutCase).grounds;
  return {
    ...thread,
    poses: cuts.map(({ pose }) => pose),
    passes: cuts.map(({ pass }) => pass),
    grounds: [...blank, ...cuts.map(({ ground }) => ground)],
  };
}

function after(before: Fold, live: readonly Entry[], index: number): Fold {
  const entry = live[index];
  if (entry === undefined) return before;
  const fold = { ...before, tries: withEntry(before.sheet, before.tries, entry) };
  const sheet = fold.asSet;
  if (isKind('step')(entry)) return afterStep(fold, live, entry);
  if (isKind('refigure')(entry)) return afterRefigure(sheet, fold, entry);
  if (isKind('event')(entry)) return afterHappened(fold, entry);
  if (isKind('measurement')(entry)) return afterMeasurement(sheet, fold, entry);
  if (isKind('trial')(entry)) return afterTrial(sheet, fold, entry);
  if (isKind('finding')(entry) && isOfGauge(sheet, entry)) {
    const { answer } = entry.content;
    if (answer === 'go-stops' && isAhead(fold)) return fold;
    return { ...fold, segment: narrowedByGauge(sheet, fold.segment, standing(fold), answer) };
  }
  return isKind('pass')(entry) ? afterCut(sheet, fold, entry, index) : fold;
}

/**
 * The compound was set, or found, at some mark. Swung between two cuts it takes the tool to another place: the depth is
 * lost until new zeros are taken, and what was cut at the other angle stands as deep as it really went.
 */
function afterStep(fold: Fold, live: readonly Entry[], entry: EntryOf<'step'>): Fold {
  const { asSet, angleKnown, segment, cuts } = fold;
  if (!isOfCompound(entry) || asSet.feed.slide !== 'compound') return fold;
  if (asSet.reckoned === 'as-planned') return fold;
  const plan = fold.sheet;
  const by = toldOf(live, entry);
  const angle = angleAsSet(plan, by, by === live.findLast(isOfCompound));
  const set = sheetAtAngle(plan, angle ?? plan.feed.angleDeg);
  const now = { ...fold, asSet: set, angleKnown: angle !== null };
  if (cuts.length === 0 || (set === asSet && now.angleKnown === angleKnown)) return now;
  const told = cuts
    .all()
    .map((cut) =>
      cut.entry.content.zero === segment.zero && cut.depth !== null
        ? { ...cut, planReading: figureAtDepth(plan, cut.depth) }
        : cut,
    );
  return {
    ...now,
    cuts: Trail.of(told),
    ...told.reduce((so, cut) => withReached(plan, so, cut), NOTHING_REACHED),
    segment: {
      ...segment,
      depthAtZero: null,
      anchor: null,
      wantsZero: entry.id,
      planAtZero: atDepth(plan, cuts.last?.depth ?? null, fold) ?? segment.planAtZero,
    },
  };
}

/** Where the dial's zero then stands in the plan; null where the depth is not known. */
function atDepth(plan: Sheet, depth: number | null, fold: Fold): number | null {
  return depth === null ? null : roundTo(figureAtDepth(plan, depth) - standing(fold).reading, 7);
}

function afterRefigure(sheet: Sheet, fold: Fold, { content }: EntryOf<'refigure'>): Fold {
  const { passes } = content;
  if (content.what === 'work-diameter') return { ...fold, passes, workDiameter: content.value };
  const { cutCase } = fold.thread;
  // A stored tip that is wider than the pitch cuts no thread; the groove would be gone through turn by turn without end.
  const tip = tipOfSize(sheet, Math.min(content.value, sheet.thread.pitch));
  const { shape } = cutCaseOf({ ...sheetGroove(sheet), tip }, cutCase);
  return { ...fold, passes, tipKnown: true, thread: { ...fold.thread, cutCase: { ...cutCase, shape } } };
}

function afterHappened(fold: Fold, entry: EntryOf<'event'>): Fold {
  const before = standing(fold);
  const segment = afterEvent(fold.segment, entry, before);
  if (segment.zero !== entry.id) return { ...fold, segment };
  const readings = new Map([...fold.readings].map(([start, at]) => [start, roundTo(at - before.reading, 7)]));
  // New zeros stand where the dial stands, its slack out: nothing was deeper since.
  return {
    ...fold,
    segment,
    readings,
    deepest: readings,
    zeroX: fold.lastX + (entry.content.along ?? 0),
    stopReading: null,
    triedReading: null,
  };
}

function afterMeasurement(sheet: Sheet, fold: Fold, { content }: EntryOf<'measurement'>): Fold {
  const { remainingCompound, mean } = measuredThread(sheet, content);
  const stands = standing(fold);
  return {
    ...fold,
    stopReading: fold.cuts.length === 0 ? null : stopAt(sheet, stands.reading, remainingCompound),
    triedReading: null,
    segment: settledBy(sheet, fold.segment, stands, mean, fold.tipKnown),
  };
}

/** Cut deeper than another start: a nut or a gauge that does not go feels that one, and says nothing of this. */
function isAhead({ asSet, segment, readings, cuts }: Fold): boolean {
  const { starts } = asSet.thread;
  const { last } = cuts;
  if (starts === 1 || last === undefined || asSet.reckoned === 'as-planned') return false;
  const stands = readingIn(readings, segment, last.entry.content.start);
  return Array.from({ length: starts }, (_, index) => index + 1).some((start) =>
    isDeeper(asSet, stands, readingIn(readings, segment, start)),
  );
}

function afterTrial(sheet: Sheet, fold: Fold, { content }: EntryOf<'trial'>): Fold {
  const nut = nutOfRecord(sheet, fold.tries);
  const stands = standing(fold);
  const infeed = nut?.reckoning.nextInfeed ?? null;
  const tellsOther = !runsFree(content.answer) && isAhead(fold);
  return {
    ...fold,
    segment: tellsOther ? fold.segment : narrowedBy(sheet, fold.segment, stands, nut, fold.tipKnown),
    triedReading: fold.cuts.length === 0 || infeed === null ? null : stopAt(sheet, stands.reading, infeed),
  };
}

/** Beyond it no figure is one of a cut: the deepest thread needs less than one. */
const DEEPEST_PITCHES = 8;

function afterCut(sheet: Sheet, before: Fold, entry: EntryOf<'pass'>, at: number): Fold {
  const { compound } = entry.content;
  return afterFeed(sheet, compound === null ? before : fedByCompound(sheet, before, compound), entry, at);
}

function afterFeed(sheet: Sheet, fold: Fold, entry: EntryOf<'pass'>, place: number): Fold {
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

type Reached = Pick<Fold, 'reached' | 'nearly'>;
const NOTHING_REACHED: Reached = { reached: new Map(), nearly: new Map() };

/** How deep the starts were cut, with one cut more. Short of its row by one graduation nobody cuts that alone. */
function withReached({ lathe: { dial } }: Sheet, { reached, nearly }: Reached, cut: Cut): Reached {
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
function withMark(marks: Fold['firstMarks'], { zero, mark }: EntryOf<'pass'>['content']): Fold['firstMarks'] {
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

/** Whether it is the answer of a GO and NO-GO gauge. */
export const isOfGauge = ({ proof }: Sheet, { content }: EntryOf<'finding'>): boolean =>
  proof.some(({ id, kind }) => id === content.evidenceId && EVIDENCE_DATA[kind].recordedAs === 'gauge');

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
