import { compoundFeedFor, radialDepthOf } from '@/core/thread/compound/compound';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import type { Sheet } from '../../sheet/sheet';
import type { EntryOf } from '../entry/entry';

/** Radial depth that a reading of the dial feeds, in the thread's unit. */
export function fedDepth(sheet: Sheet, reading: number): number {
  const { unit } = sheet.lathe.dial.graduation;
  const travel = lengthIn({ value: dialTravel(sheet, reading), unit }, sheet.thread.unit);
  return radialDepthOf(travel, sheet.feed.angleDeg);
}

/** The figure of the dial that feeds so deep: the other way round than `fedDepth`. */
export function figureAtDepth({ feed, lathe: { dial }, thread }: Sheet, depth: number): number {
  const travel = compoundFeedFor(depth, feed.angleDeg) * (dial.reads === 'diameter' ? 2 : 1);
  return roundTo(lengthIn({ value: travel, unit: thread.unit }, dial.graduation.unit), 7);
}

/** The reading of the planned slide that goes as deep as this cut, where the cross slide fed beyond its zero too. */
export function asFed(sheet: Sheet, { reading, crossSlide }: EntryOf<'pass'>['content']): number {
  const dial = reading ?? 0;
  if (crossSlide === null) return dial;
  const travel = compoundFeedFor(crossSlide, sheet.feed.angleDeg);
  return roundTo(dial + (sheet.lathe.dial.reads === 'diameter' ? 2 * travel : travel), 7);
}

/** What the compound fed beside the slide of the plan, as a figure of the plan's dial: what it takes along the axis is none. */
export function compoundFigure(
  { lathe: { dial } }: Sheet,
  { fed, angleDeg }: { fed: number; angleDeg: number },
): number {
  const radial = radialDepthOf(fed, angleDeg);
  return roundTo(dial.reads === 'diameter' ? 2 * radial : radial, 7);
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
