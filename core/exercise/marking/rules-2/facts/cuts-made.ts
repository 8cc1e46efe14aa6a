import { compoundFeedFor } from '@/core/thread/compound/compound';
import { isKind, type Entry, type EntryOf } from '../../../record/entry/entry';
import type { Sheet, SheetPass } from '../../../sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { EVENTS_OF_2 } from './events-of-2';
import { measuredOf } from './measured';
import { infeedByTrials } from './tried';

/** A cut as these rules look at it. Figures of the dial, turns counted in. */
export interface CutMade {
  entry: EntryOf<'pass'>;
  /** The planned row that was next for the student, of the rows in force. */
  row: SheetPass | null;
  /** The reading as if only the planned slide had fed. Where no reading was taken, the last one that is known. */
  reading: number;
  readingTaken: boolean;
  /** Against the reading that stands in the same start. */
  infeed: number;
  /** Whether the cut uses up a row of the plan. A cut without infeed uses up only a row without infeed. */
  usesRow: boolean;
  /** What the latest measurement before it left to cut, as a reading to stop at; null without one. */
  stopReading: number | null;
  /** What a nut or another piece since then let take, as a reading; null without one. */
  triedReading: number | null;
}

/** What later rules know of zeros, where these begin anew. */
export interface CarryOn {
  /** The figure of the plan at which the dial's zero stood at touch-off. */
  planAtTouchOff: (live: readonly Entry[]) => number;
  /** How much of a figure of the dial counts in depth, against the plan. */
  shareOfFeed: (live: readonly Entry[], cut: EntryOf<'pass'>) => number;
}

/**
 * The cuts of standing entries, and the rows in force after them. For rules 1 and 2 new zeros begin anew; later ones
 * take all figures as the plan's, from touch-off.
 */
export function cutsMade(
  sheet: Sheet,
  live: readonly Entry[],
  zeros: 'begin-anew' | CarryOn = 'begin-anew',
): { cuts: CutMade[]; passes: SheetPass[] } {
  // Figures of the plan, where new zeros carry it on: so much stood on the dial when the zero in force was taken.
  let atZero = zeros === 'begin-anew' ? 0 : zeros.planAtTouchOff(live);
  const atTouchOff = atZero;
  const standing = new Map<number, number>();
  const cuts: CutMade[] = [];
  let { passes } = sheet;
  let stopReading: number | null = null;
  let triedReading: number | null = null;
  for (const [index, entry] of live.entries()) {
    const at = cuts.at(-1);
    if (isKind('refigure')(entry)) ({ passes } = entry.content);
    if (isKind('event')(entry) && EVENTS_OF_2[entry.content.event]?.newZero === true) {
      if (zeros !== 'begin-anew')
        atZero =
          at === undefined
            ? atTouchOff
            : roundTo(atZero + (at.reading - atZero) * zeros.shareOfFeed(live, at.entry), 7);
      else {
        standing.clear();
        atZero = 0;
        [stopReading, triedReading] = [null, null];
      }
    }
    if (isKind('measurement')(entry)) {
      const { remainingCompound } = measuredOf(sheet, entry.content);
      stopReading = at === undefined ? null : stopAt(sheet, at.reading, remainingCompound);
      triedReading = null;
    }
    if (isKind('trial')(entry)) {
      const infeed = infeedByTrials(sheet, live.slice(0, index + 1));
      triedReading = at === undefined || infeed === null ? null : stopAt(sheet, at.reading, infeed);
    }
    if (!isKind('pass')(entry)) continue;
    const { plannedPass, start, compound } = entry.content;
    // Fed by the compound, the tool stands deeper at the same figure from there on.
    if (compound !== null && compound.angleDeg !== null)
      atZero = roundTo(atZero + compoundFigure(sheet, compound.fed, compound.angleDeg), 7);
    const row = passes.find(({ n }) => n === plannedPass) ?? null;
    const before = standing.get(start) ?? atTouchOff;
    const readingTaken = entry.content.reading !== null;
    const reading = readingTaken ? roundTo(atZero + asFed(sheet, entry.content), 7) : before;
    const infeed = roundTo(reading - before, 7);
    const usesRow = Math.abs(infeed) > 1e-9 || row?.kind === 'spring' || !readingTaken;
    cuts.push({ entry, row, reading, readingTaken, infeed, usesRow, stopReading, triedReading });
    standing.set(start, reading);
  }
  return { cuts, passes };
}

/** The reading of the planned slide that gives the same depth, where the cross slide was fed past its zero too. */
function asFed({ lathe, feed }: Sheet, { reading, crossSlide }: EntryOf<'pass'>['content']): number {
  const dial = reading ?? 0;
  if (crossSlide === null) return dial;
  const travel = compoundFeedFor(crossSlide, feed.angleDeg);
  return roundTo(dial + (lathe.dial.reads === 'diameter' ? 2 * travel : travel), 7);
}

/** What the compound fed straight in, as a figure of the plan's dial. */
function compoundFigure({ lathe }: Sheet, fed: number, angleDeg: number): number {
  const radial = fed * Math.cos((angleDeg * Math.PI) / 180);
  return lathe.dial.reads === 'diameter' ? 2 * radial : radial;
}

/** The reading at which a remaining feed is used up, on a whole graduation. */
function stopAt({ lathe: { dial }, thread }: Sheet, reading: number, remaining: number): number {
  const { value: graduation, unit } = dial.graduation;
  const shown = lengthIn({ value: remaining, unit: thread.unit }, unit) * (dial.reads === 'diameter' ? 2 : 1);
  return roundTo(Math.round((reading + shown) / graduation) * graduation, 6);
}
