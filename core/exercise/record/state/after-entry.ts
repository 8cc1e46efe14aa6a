import { cutCaseOf } from '@/core/cutting/cut/cut-feeds';
import { sheetGroove, tipOfSize } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import { HOLDING_DATA } from '@/core/machine/technique/holdings';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { roundTo } from '@/core/base/units/round';
import { isKind, type Entry, type EntryOf } from '../entry/entry';
import { angleAsSet, isOfCompound, sheetAtAngle, toldOf } from './compound-as-set';
import { figureAtDepth, isDeeper, stopAt } from './feed';
import { runsFree } from '@/core/measuring/nut/nut-answer';
import { measuredThread } from './measured-thread';
import { nutOfRecord } from './nut-of-record';
import { afterEvent, afterTakenOut, narrowedBy, narrowedByGauge, settledBy } from './segment';
import { readingIn } from './standing';
import { Trail } from './trail';
import { withEntry } from './tries-so-far';
import { afterCut, NOTHING_REACHED, withReached } from './after-cut';
import { standing, type CutFold } from './cut-fold';

export function afterEntry(before: CutFold, live: readonly Entry[], index: number): CutFold {
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
  if (isKind('sent-back')(entry) && entry.content.stands === false)
    return { ...fold, segment: afterTakenOut(fold.segment, comesBackByMarks(sheet)) };
  return isKind('pass')(entry) ? afterCut(sheet, fold, entry, index) : fold;
}

/** A part driven by a dog comes out and goes back by its marks; one whose holding is not known here does not. */
const comesBackByMarks = ({ way: { holding } }: Sheet): boolean =>
  holding !== 'unknown' && HOLDING_DATA[holding].dog;

/**
 * The compound was set, or found, at some mark. Swung between two cuts it takes the tool to another place: the depth is
 * lost until new zeros are taken, and what was cut at the other angle stands as deep as it really went.
 */
function afterStep(fold: CutFold, live: readonly Entry[], entry: EntryOf<'step'>): CutFold {
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
function atDepth(plan: Sheet, depth: number | null, fold: CutFold): number | null {
  return depth === null ? null : roundTo(figureAtDepth(plan, depth) - standing(fold).reading, 7);
}

function afterRefigure(sheet: Sheet, fold: CutFold, { content }: EntryOf<'refigure'>): CutFold {
  const { passes } = content;
  if (content.what === 'work-diameter') return { ...fold, passes, workDiameter: content.value };
  const { cutCase } = fold.thread;
  // A stored tip that is wider than the pitch cuts no thread; the groove would be gone through turn by turn without end.
  const tip = tipOfSize(sheet, Math.min(content.value, sheet.thread.pitch));
  const { shape } = cutCaseOf({ ...sheetGroove(sheet), tip }, cutCase);
  return { ...fold, passes, tipKnown: true, thread: { ...fold.thread, cutCase: { ...cutCase, shape } } };
}

function afterHappened(fold: CutFold, entry: EntryOf<'event'>): CutFold {
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

function afterMeasurement(sheet: Sheet, fold: CutFold, { content }: EntryOf<'measurement'>): CutFold {
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
function isAhead({ asSet, segment, readings, cuts }: CutFold): boolean {
  const { starts } = asSet.thread;
  const { last } = cuts;
  if (starts === 1 || last === undefined || asSet.reckoned === 'as-planned') return false;
  const stands = readingIn(readings, segment, last.entry.content.start);
  return Array.from({ length: starts }, (_, index) => index + 1).some((start) =>
    isDeeper(asSet, stands, readingIn(readings, segment, start)),
  );
}

function afterTrial(sheet: Sheet, fold: CutFold, { content }: EntryOf<'trial'>): CutFold {
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

/** Whether it is the answer of a GO and NO-GO gauge. */
export const isOfGauge = ({ proof }: Sheet, { content }: EntryOf<'finding'>): boolean =>
  proof.some(({ id, kind }) => id === content.evidenceId && EVIDENCE_DATA[kind].recordedAs === 'gauge');
