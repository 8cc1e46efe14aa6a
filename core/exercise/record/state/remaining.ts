import { radialDepthOf } from '@/core/thread/compound/compound';
import type { Sheet } from '../../sheet/sheet';
import { lengthIn, type Length } from '@/core/base/units/length';
import type { Cut } from './cut-fold';
import { dialTravel, stopAt } from './feed';
import type { Segment } from './segment';
import type { Entry, EntryOf } from '../entry/entry';
import { lastOf, lastPlaceOf, placedOf } from '../entry/of-kind';
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
  const index = lastPlaceOf(live, 'measurement');
  const { unit } = sheet.lathe.dial.graduation;
  const measured = measuredThread(sheet, measurement.content);
  const before = lastBefore(cuts, index);
  const stands = cuts.at(-1)?.planReading ?? 0;
  const fedOnDial = before === undefined ? 0 : stands - before.planReading;
  const fed = lengthIn({ value: dialTravel(sheet, fedOnDial), unit }, sheet.thread.unit);
  return {
    measurement,
    measured,
    radial: measured.remainingRadial - radialDepthOf(fed, sheet.feed.angleDeg),
    compound: measured.remainingCompound - fed,
    stopReading:
      before === undefined || !carried(segment, live, index)
        ? null
        : {
            value: stopAt(sheet, before.planReading - segment.planAtZero, measured.remainingCompound),
            unit,
          },
  };
}

/** Whether the depth at which it was measured is known on the dial as it is zeroed now. */
function carried({ zero, anchor }: Segment, live: readonly Entry[], since: number): boolean {
  if (anchor !== null) return true;
  const { entries, places } = placedOf(live, 'event');
  return (places[entries.findIndex(({ id }) => id === zero)] ?? -1) < since;
}

/** The last cut before a place; they stand in its order. */
function lastBefore(cuts: readonly Cut[], place: number): Cut | undefined {
  let [from, to] = [0, cuts.length];
  while (from < to) {
    const middle = (from + to) >> 1;
    if ((cuts[middle]?.at ?? 0) < place) from = middle + 1;
    else to = middle;
  }
  return cuts[from - 1];
}
