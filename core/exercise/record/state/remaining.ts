import { radialDepthOf } from '@/core/thread/compound/compound';
import type { Sheet } from '../../sheet/sheet';
import { lengthIn, type Length } from '@/core/base/units/length';
import type { Cut } from './cuts';
import { dialTravel, stopAt } from './feed';
import type { Segment } from './segment';
import type { Entry, EntryOf } from '../entry/entry';
import { lastOf } from '../entry/of-kind';
import { measuredThread, type MeasuredThread } from './measured-thread';

/** The remaining feed by the latest measurement, less what was fed since. */
export interface Remaining {
  measurement: EntryOf<'measurement'>;
  measured: MeasuredThread;
  radial: number;
  /** Of the slide that feeds. */
  compound: number;
  /** Dial reading at which the target is reached, on a whole graduation; null before the first pass. */
  stopReading: Length | null;
}

export function remainingFeed(
  sheet: Sheet,
  live: readonly Entry[],
  cuts: readonly Cut[],
  segment: Segment,
): Remaining | null {
  const measurement = lastOf(live, 'measurement');
  if (measurement === undefined) return null;
  const index = live.lastIndexOf(measurement);
  const { unit } = sheet.lathe.dial.graduation;
  const measured = measuredThread(sheet, measurement.content);
  const before = cuts.findLast(({ at }) => at < index);
  const stands = cuts.at(-1)?.planReading ?? 0;
  const fedOnDial = before === undefined ? 0 : stands - before.planReading;
  const fed = lengthIn({ value: dialTravel(sheet, fedOnDial), unit }, sheet.thread.unit);
  return {
    measurement,
    measured,
    radial: measured.remainingRadial - radialDepthOf(fed, sheet.feed.angleDeg),
    compound: measured.remainingCompound - fed,
    stopReading:
      before === undefined || !carried(segment, live.slice(index))
        ? null
        : {
            value: stopAt(sheet, before.planReading - segment.planAtZero, measured.remainingCompound),
            unit,
          },
  };
}

/** Whether the depth at which it was measured is known on the dial as it is zeroed now. */
const carried = ({ zero, anchor }: Segment, since: readonly Entry[]) =>
  anchor !== null || !since.some(({ id }) => id === zero);
