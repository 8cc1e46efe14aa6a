import { roundTo } from '@/core/base/units/round';
import type { Sheet } from '../../sheet/sheet';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { EntryOf } from '../entry/entry';
import { fedDepth } from './feed';
import { anchoredSize, type Segment, type Standing } from './segment';

/** Of the last cut what tells where the work stands. */
interface LastCut {
  entry: EntryOf<'pass'>;
  readingTaken: boolean;
  depth: number | null;
  pitchDiameter: number | null;
  band: Band | null;
}

/** What stands on the dial in a start; one that was not cut yet begins where touch-off was. */
export const readingIn = (readings: ReadonlyMap<number, number>, segment: Segment, start: number): number =>
  readings.get(start) ?? roundTo(segment.planAtTouchOff - segment.planAtZero, 7);

/** Where the dial stands in each start, and how deep it stood there since the zero: slack leaves a dial that was wound back saying nothing. */
export interface OnDial {
  readings: ReadonlyMap<number, number>;
  deepest: ReadonlyMap<number, number>;
}

/** Where the work stands after the last cut, by what was measured or tried since, or what that cut foretold. */
export function standingOf(
  sheet: Sheet,
  segment: Segment,
  last: LastCut | undefined,
  workDiameter: number,
  { readings, deepest }: OnDial,
): Standing {
  if (last === undefined) return { cut: null, reading: 0, fed: 0, depth: null, size: null, workDiameter };
  const { depth, entry, band, pitchDiameter, readingTaken } = last;
  const reading = readingIn(readings, segment, entry.content.start);
  const fed = fedDepth(sheet, Math.max(reading, readingIn(deepest, segment, entry.content.start)));
  const { anchor } = segment;
  const anchored =
    anchor !== null && (anchor.cut === entry.id || (entry.content.zero === segment.zero && readingTaken));
  const own = pitchDiameter === null ? band : { min: pitchDiameter, max: pitchDiameter };
  return {
    cut: entry.id,
    reading,
    fed,
    depth,
    size: anchored ? anchoredSize(sheet, anchor, fed) : segment.foretells ? own : null,
    workDiameter,
  };
}
