import { compoundFeedFor, radialDepthOf } from '@/core/thread/compound/compound';
import { crestLimits, type Band, type ThreadLimits } from '@/core/thread/standards/thread-limits';
import type { Side } from '@/core/thread/standards/thread';
import { roundTo } from '@/core/base/units/round';
import { loosenessOf, runsFree, wentOn, type NutAnswer } from './nut-answer';
import type { NutSize } from './nut-size';

/** One trial: the answer, at which depth, and the crest diameter if it was measured then. */
export interface NutTrial {
  answer: NutAnswer;
  /** The slide's reading at which it was tried; trials at the same one had no cut between them. */
  reading?: number | null;
  crest?: number | null;
}

/** The limits that a nut is reckoned against. */
export interface NutLimits {
  side: Side;
  pitchDiameter: Band;
  /** Major diameter of a screw, bore of a nut. */
  crest: Band;
}

export interface NutCase {
  limits: NutLimits;
  nut: NutSize;
  /** In the order asked. */
  trials: readonly NutTrial[];
  /** Of the slide that feeds, counted from the cross-slide axis. */
  feedAngleDeg: number;
  /** One graduation of its dial as travel of the slide, in the thread's unit. */
  graduation: number;
}

/** The limits of a thread, as they are here. */
export function nutLimits(limits: ThreadLimits): NutLimits {
  return { side: limits.side, pitchDiameter: limits.pitchDiameter, crest: crestLimits(limits) };
}

type NutContradiction = 'looser-before-tighter' | 'unlike-at-one-depth' | 'bounds-cross';

/** Where the answers put the pitch diameter against the limits of the class. */
type AgainstLimits = 'over' | 'may-be-over' | 'inside' | 'may-be-under' | 'under' | 'unknown';

export interface NutReckoning {
  /** Bracket of the functional pitch diameter; null is open. */
  pitchDiameter: { min: number | null; max: number | null };
  againstLimits: AgainstLimits;
  /** Travel of the slide to take next, in whole graduations; null: stop, or look first. */
  nextInfeed: number | null;
  contradiction: NutContradiction | null;
  /** Why there is no next infeed, or what the answer warns of. */
  says: 'go-on' | 'stop' | 'measure-crest-first' | 'crest-in-the-way' | 'look-first' | 'warns-of-undersize';
}

/** What is taken next with a nut of which nothing is known, in thousandths of an inch; common practice. */
const USUAL_THOUSANDTHS: Partial<Record<NutAnswer, number>> = { 'will-not-start': 3, starts: 2, tight: 1 };

/**
 * What the answers of a nut (internal: a plug) say of the thread's pitch diameter. It runs on: not over the largest
 * that the nut may be, which stays so however deep one cuts. It will not start: over the smallest that the nut may be,
 * provided that the crest is not in the way; this holds until the next cut. Tight: both. Outside; inside all is turned.
 * A nut of unknown size gives no bracket (common practice: the strength is "fits this nut").
 */
export function reckonNut(nutCase: NutCase, unit: 'in' | 'mm'): NutReckoning {
  const { limits, nut, trials } = nutCase;
  const { side } = limits;
  const last = trials.at(-1);
  // Counted as if every thread were an external one: metal that is left is positive.
  const sign = side === 'external' ? 1 : -1;
  const band = turned(limits.pitchDiameter, sign);
  const size = nut === null ? null : turned(nut, sign);
  let [least, most]: [number | null, number | null] = [null, null];
  trials.forEach((trial, index) => {
    if (size === null) return;
    if (wentOn(trial.answer)) most = Math.min(most ?? Infinity, size.max);
    const cutSince = index < trials.length - 1 && !sameDepth(trial, last);
    if (!cutSince && !runsFree(trial.answer) && metalOf(trial, limits) === 'left')
      least = Math.max(least ?? -Infinity, size.min);
  });
  const bracket = { least: least as number | null, most: most as number | null };
  const contradiction = contradictionOf(trials) ?? (crossed(bracket) ? 'bounds-cross' : null);
  const pitchDiameter =
    sign === 1
      ? { min: bracket.least, max: bracket.most }
      : { min: negated(bracket.most), max: negated(bracket.least) };
  const againstLimits = size === null ? 'unknown' : placeOf(bracket, band, side);
  return {
    pitchDiameter,
    againstLimits,
    contradiction,
    ...next(nutCase, bracket.least, band, contradiction, unit),
  };
}

/** Whether metal is still left where the nut will not go, or the crest may be what holds it. */
function metalOf(trial: NutTrial, limits: NutLimits): 'left' | 'crest-over' | 'not-measured' {
  if (wentOn(trial.answer) && (trial.crest === null || trial.crest === undefined)) return 'left';
  if (trial.crest === null || trial.crest === undefined) return 'not-measured';
  const { crest } = limits;
  const over = limits.side === 'external' ? trial.crest > crest.max + 1e-9 : trial.crest < crest.min - 1e-9;
  return over ? 'crest-over' : 'left';
}

function next(
  { limits, nut, trials, feedAngleDeg, graduation }: NutCase,
  least: number | null,
  band: Band,
  contradiction: NutContradiction | null,
  unit: 'in' | 'mm',
): Pick<NutReckoning, 'nextInfeed' | 'says'> {
  const trial = trials.at(-1);
  if (trial === undefined) return { nextInfeed: null, says: 'go-on' };
  if (contradiction !== null) return { nextInfeed: null, says: 'look-first' };
  if (trial.answer === 'wobbles') return { nextInfeed: null, says: 'warns-of-undersize' };
  if (runsFree(trial.answer)) return { nextInfeed: null, says: 'stop' };
  const metal = metalOf(trial, limits);
  if (metal === 'not-measured') return { nextInfeed: null, says: 'measure-crest-first' };
  if (metal === 'crest-over') return { nextInfeed: null, says: 'crest-in-the-way' };
  if (nut === null || least === null) {
    const usual = (USUAL_THOUSANDTHS[trial.answer] ?? 1) * THOUSANDTH[unit];
    return {
      nextInfeed: roundTo(Math.max(1, Math.round(usual / graduation)) * graduation, 9),
      says: 'go-on',
    };
  }
  // Reckoned from the smallest that the thread may be, so that no answer leads under the band.
  const target = (band.min + band.max) / 2;
  const wanted = Math.floor(compoundFeedFor((least - target) / 2, feedAngleDeg) / graduation + 1e-6);
  const graduations = Math.max(1, wanted);
  const lands = least - 2 * radialDepthOf(graduations * graduation, feedAngleDeg);
  return lands >= band.min - 1e-9
    ? { nextInfeed: roundTo(graduations * graduation, 9), says: 'go-on' }
    : { nextInfeed: null, says: 'stop' };
}

/** A thousandth of an inch, or what is taken for it in millimetres (common practice). */
const THOUSANDTH = { in: 0.001, mm: 0.025 } as const;

function contradictionOf(trials: readonly NutTrial[]): NutContradiction | null {
  for (const [index, trial] of trials.entries()) {
    const before = trials[index - 1];
    if (before === undefined) continue;
    if (trial.answer !== before.answer && sameDepth(before, trial)) return 'unlike-at-one-depth';
    if (loosenessOf(trial.answer) < loosenessOf(before.answer)) return 'looser-before-tighter';
  }
  return null;
}

function sameDepth(one: NutTrial, other: NutTrial | undefined): boolean {
  const [a, b] = [one.reading ?? null, other?.reading ?? null];
  return a !== null && b !== null && Math.abs(a - b) < 1e-9;
}

function placeOf(
  { least, most }: { least: number | null; most: number | null },
  band: Band,
  side: Side,
): AgainstLimits {
  const slack = 1e-9;
  // Of material: `over` means too much of it, which in a bore is a pitch diameter under the limit.
  const [tooMuch, tooLittle] = [
    least !== null && least > band.max + slack,
    most !== null && most < band.min - slack,
  ];
  const mayBeMore = most === null || most > band.max + slack;
  const mayBeLess = least === null || least < band.min - slack;
  const inMaterial: AgainstLimits = tooMuch
    ? 'over'
    : tooLittle
      ? 'under'
      : mayBeMore && mayBeLess
        ? 'unknown'
        : mayBeMore
          ? 'may-be-over'
          : mayBeLess
            ? 'may-be-under'
            : 'inside';
  return side === 'external' ? inMaterial : TURNED[inMaterial];
}

/** In a bore a size under the limits has too much material. */
const TURNED: Record<AgainstLimits, AgainstLimits> = {
  over: 'under',
  'may-be-over': 'may-be-under',
  inside: 'inside',
  'may-be-under': 'may-be-over',
  under: 'over',
  unknown: 'unknown',
};

const turned = ({ min, max }: Band, sign: 1 | -1): Band =>
  sign === 1 ? { min, max } : { min: -max, max: -min };

const negated = (value: number | null) => (value === null ? null : -value);

const crossed = ({ least, most }: { least: number | null; most: number | null }) =>
  least !== null && most !== null && least > most + 1e-9;
