import type { Sheet } from '@/core/exercise/sheet/sheet';
import { lengthIn } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';

/** A feed of the slide, in the thread's unit, as the dial's figures go on by it. */
export function onDial(sheet: Sheet, feed: number): number {
  const { graduation, reads } = sheet.lathe.dial;
  const shown = lengthIn({ value: feed, unit: sheet.thread.unit }, graduation.unit);
  return roundTo(shown * (reads === 'diameter' ? 2 : 1), 6);
}
