import { cutFeeds, type CutWork } from '../cut/cut-feeds';
import { grooveAfter } from '../cut/measure-thread';
import { overWires, type WireCase } from '@/core/measuring/gauging/three-wires';
import type { GrooveCase } from '../groove/groove-case';
import { graduationsIn, shownFor, travelOf } from '@/core/machine/lathe/dial-count';
import type { Dial } from '@/core/machine/lathe/lathe';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import type { PassKind } from './pass-kind';

/** A row on the dial of one lathe: whole graduations counted from touch-off. `row` is its place in the schedule, from 1. */
export interface DialRow {
  row: number;
  kind: PassKind;
  readingGraduations: number;
}

/** A row of a schedule before a dial: its length of compound feed carries its unit. */
export interface AskedRow {
  kind: PassKind;
  infeed: Length;
  reading: Length;
}

/**
 * Puts the rows of a schedule on a dial. Each reading is rounded by itself, so that rounding never adds up; finishing
 * infeeds keep their size, counted back from the last reading. Rows that the dial can not tell from the one before are
 * left out.
 * @param aimedAt the reading that ends the feed, in graduations; null where the rows end where they end
 */
export function rowsOnDial(rows: readonly AskedRow[], dial: Dial, aimedAt: number | null): DialRow[] {
  if (aimedAt === null) return asTheyAre(rows, dial);
  const last = aimedAt;
  const feeding = rows.filter(({ kind }) => kind !== 'spring');
  const finishing = feeding.length - 1 - feeding.findLastIndex(({ kind }) => kind !== 'finish');
  const readings = feeding.map(({ reading }) => Math.round(graduationsIn(reading, dial)));
  let at = last;
  for (let index = feeding.length - 1; index >= 0 && index >= feeding.length - 1 - finishing; index -= 1) {
    readings[index] = at;
    const infeed = feeding[index]?.infeed;
    if (infeed !== undefined) at -= Math.max(1, Math.round(graduationsIn(infeed, dial)));
  }
  const onDial: DialRow[] = [];
  let before = 0;
  rows.forEach(({ kind }, index) => {
    if (kind === 'spring') return void onDial.push({ row: index + 1, kind, readingGraduations: last });
    const readingGraduations = readings[index] ?? 0;
    if (readingGraduations <= before || readingGraduations > last) return;
    onDial.push({ row: index + 1, kind, readingGraduations });
    before = readingGraduations;
  });
  return onDial;
}

/** Each reading to its nearest graduation, and no row that the dial can not tell from the one before. */
function asTheyAre(rows: readonly AskedRow[], dial: Dial): DialRow[] {
  const onDial: DialRow[] = [];
  let before = 0;
  rows.forEach(({ kind, reading }, index) => {
    const readingGraduations =
      kind === 'spring' ? before : Math.max(before, Math.round(graduationsIn(reading, dial)));
    if (kind !== 'spring' && readingGraduations === before) return;
    onDial.push({ row: index + 1, kind, readingGraduations });
    before = readingGraduations;
  });
  return onDial;
}

/** A pass as the student is told it, with what the thread has become. Lengths without their unit are in the thread's. */
export interface Pass {
  n: number;
  /** Its row in the schedule, from 1. */
  row: number;
  kind: PassKind;
  /** Start of the thread that it cuts, from 1. */
  start: number;
  /** As the dial shows them. */
  dialInfeed: Length;
  dialReading: Length;
  /** The slide's own travel. */
  infeed: number;
  reading: number;
  radialDepth: number;
  chipArea: number;
  /** Null while the groove is too shallow to have a pitch diameter, or while the tip is not known. */
  pitchDiameter: number | null;
  overWires: number | null;
  /** Flat that is left on the crest, to be seen after this pass. */
  crestFlat: number;
}

/** What the size of a pass depends on, in the thread's unit. */
export interface PassCase {
  unit: LengthUnit;
  groove: GrooveCase;
  work: CutWork;
  wires: WireCase;
  /** False where the tip was assumed: then no size is foretold. */
  tipKnown: boolean;
}

export type StartsOrder = 'start-by-start' | 'depth-by-depth';

/**
 * Works out the passes of rows on a dial. A thread of several starts takes every row once for each: all rows of a start
 * before the next start, or all starts at each depth. Infeeds count from the reading before in the same start.
 */
export function passesOnDial(
  rows: readonly DialRow[],
  dial: Dial,
  passCase: PassCase,
  order: StartsOrder = 'start-by-start',
): Pass[] {
  const { unit, groove, work, wires, tipKnown } = passCase;
  const travel = (graduations: number) => lengthIn(travelOf(graduations, dial), unit);
  const places = rows.map((_, index) => index);
  const starts = Array.from({ length: groove.starts }, (_, start) => start);
  const cuts =
    order === 'start-by-start'
      ? starts.flatMap((start) => places.map((place) => ({ place, start })))
      : places.flatMap((place) => starts.map((start) => ({ place, start })));
  const graduationsAt = (place: number) => rows[place]?.readingGraduations ?? 0;
  const thread = cutFeeds(
    groove,
    work,
    cuts.map(({ place, start }) => ({ reading: travel(graduationsAt(place)), start })),
  );
  return cuts.map(({ place, start }, index): Pass => {
    const reading = graduationsAt(place);
    const infeed = reading - graduationsAt(place - 1);
    const pose = thread.poses[index];
    const size = pose === undefined ? null : grooveAfter(thread, index + 1, pose);
    const pitchDiameter = tipKnown ? (size?.pitchDiameter ?? null) : null;
    return {
      n: index + 1,
      row: rows[place]?.row ?? place + 1,
      kind: rows[place]?.kind ?? 'rough',
      start: start + 1,
      dialInfeed: shownFor(infeed, dial),
      dialReading: shownFor(reading, dial),
      infeed: travel(infeed),
      reading: travel(reading),
      radialDepth: pose?.y ?? 0,
      chipArea: thread.passes[index]?.removed ?? 0,
      pitchDiameter,
      overWires: pitchDiameter === null ? null : overWires(wires, pitchDiameter),
      crestFlat: size?.crestFlat ?? groove.pitch,
    };
  });
}

/**
 * The reading that ends the feed: the nearest graduation to the target, or its neighbour when only that one lands in
 * the band; else the one that leaves material.
 * @param exact feed to the target in graduations
 * @param landing the pitch diameter at a reading in graduations
 */
export function lastGraduation(
  exact: number,
  landing: (graduations: number) => number,
  band: { min: number; max: number },
): number {
  const nearest = Math.round(exact);
  const inside = (reading: number) => landing(reading) >= band.min && landing(reading) <= band.max;
  if (inside(nearest)) return nearest;
  const other = nearest > exact ? nearest - 1 : nearest + 1;
  return inside(other) ? other : Math.floor(exact);
}
