import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import type { Sheet } from '../../sheet/sheet';
import { fedDepth } from '../state/feed';

/** Radial depth of one graduation of the dial that feeds, in the thread's unit. */
export const depthOfGraduation = (sheet: Sheet): number => fedDepth(sheet, sheet.lathe.dial.graduation.value);

/** Whole graduations in a radial depth, rounded toward the tool. */
export const graduationsIn = (sheet: Sheet, depth: number): number =>
  Math.floor(depth / depthOfGraduation(sheet) + 1e-6);

/** A figure of the dial so many graduations further in. */
export function further(sheet: Sheet, from: number, graduations: number): number {
  return roundTo(from + graduations * sheet.lathe.dial.graduation.value, 6);
}

/** Graduations of the plan's finishing infeed, one at least. */
export function finishingGraduations({ schedule, lathe: { dial } }: Sheet): number {
  const { value, unit } = dial.graduation;
  const shown = lengthIn(schedule.finishingInfeed, unit) * (dial.reads === 'diameter' ? 2 : 1);
  return Math.max(1, Math.round(shown / value));
}
