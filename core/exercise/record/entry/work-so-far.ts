import { roundTo } from '@/core/base/units/round';
import type { SheetPass } from '../../sheet/sheet';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { Length } from '@/core/base/units/length';
import type { Block } from './block';

/** A cut that was made, as far as rows that are figured anew depend on it. */
interface CutMade {
  entry: { content: { start: number; zero: string; drive: RealDrive | null } };
  row: SheetPass | null;
  reading: number;
  planReading: number;
  usesRow: boolean;
}

/** Where the work stands, as far as a new entry is read against it: the part of `Prediction` that lies below the kinds. */
export interface WorkSoFar {
  /** The rows in force. */
  passes: SheetPass[];
  rowsOf: string | null;
  next: SheetPass | null;
  /** Left to feed by the slide that feeds, by the latest measurement. */
  remaining: { compound: number } | null;
  blocks: Block[];
  warnings: string[];
  cuts: CutMade[];
  segment: { zero: string; planAtZero: number; planAtTouchOff: number };
  reading: Length;
  start: number;
  drive: RealDrive | 'unknown';
}

/** The figure of the dial, as it is zeroed now, at which a start stands; one that was not cut yet where touch-off was. */
export function standsIn(start: number, { cuts, segment, reading, start: now }: WorkSoFar): number {
  if (start === now) return reading.value;
  const last = cuts.findLast(({ entry }) => entry.content.start === start);
  return roundTo((last?.planReading ?? segment.planAtTouchOff) - segment.planAtZero, 7);
}

/** Near which figure the dial is read for a start: of all turns the one of its next row, or where it stands. */
export function nearIn(start: number, work: WorkSoFar): Length {
  const { next, reading } = work;
  return next?.start === start ? next.dialReading : { value: standsIn(start, work), unit: reading.unit };
}
