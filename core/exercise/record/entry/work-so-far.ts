import type { SheetPass } from '../../sheet/sheet';
import type { RealDrive } from '@/core/machine/technique/drives';
import type { Length } from '@/core/base/units/length';
import type { Block } from './block';

/** A cut that was made, as far as rows that are figured anew depend on it. */
interface CutMade {
  entry: { content: { start: number; zero: string; drive: RealDrive | null } };
  row: SheetPass | null;
  reading: number;
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
