import { poseOf } from '@/core/thread/geometry/pose';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { sheetFrame } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import type { EntryOf } from '../entry/entry';
import { compoundFigure, fedDepth } from './feed';
import type { Segment } from './segment';

/** What of the work is told by figures of the dial, and where its zero stands. */
export interface OnDialZero {
  segment: Segment;
  readings: ReadonlyMap<number, number>;
  deepest: ReadonlyMap<number, number>;
  stopReading: number | null;
  triedReading: number | null;
  zeroX: number;
}

/**
 * The compound was fed although the plan plunges: the tool stands deeper, and further along, at the same figure of the
 * dial. Where nobody knows its angle, the depth is lost until it is measured or tried.
 */
export function fedByCompound<F extends OnDialZero>(
  sheet: Sheet,
  before: F,
  { fed, angleDeg }: NonNullable<EntryOf<'pass'>['content']['compound']>,
): F {
  const { segment, stopReading, triedReading } = before;
  if (angleDeg === null)
    return { ...before, segment: { ...segment, depthAtZero: null, anchor: null, found: null } };
  const figure = compoundFigure(sheet, { fed, angleDeg });
  const depth = fedDepth(sheet, figure);
  const back = (at: number | null) => (at === null ? null : roundTo(at - figure, 7));
  const allBack = (readings: ReadonlyMap<number, number>) =>
    new Map([...readings].map(([start, at]) => [start, roundTo(at - figure, 7)]));
  const anchorBack = (of: Segment['anchor']) => of && { ...of, fed: of.fed - depth };
  const { unit } = sheet.lathe.dial.graduation;
  const { x } = poseOf({
    compound: lengthIn({ value: fed, unit }, sheet.thread.unit),
    compoundAngleDeg: angleDeg,
    fed: sheetFrame(sheet).fed,
  });
  return {
    ...before,
    segment: {
      ...segment,
      planAtZero: roundTo(segment.planAtZero + figure, 7),
      depthAtZero: segment.depthAtZero === null ? null : segment.depthAtZero + depth,
      anchor: anchorBack(segment.anchor),
      found: anchorBack(segment.found),
    },
    readings: allBack(before.readings),
    deepest: allBack(before.deepest),
    stopReading: back(stopReading),
    triedReading: back(triedReading),
    zeroX: before.zeroX + x,
  };
}
