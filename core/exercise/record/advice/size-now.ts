import type { Band } from '@/core/thread/standards/thread-limits';
import type { Sheet } from '../../sheet/sheet';
import { fedDepth, isDeeper } from '../state/feed';
import type { Prediction } from '../state/predict';
import { anchoredSize } from '../state/segment';
import { further, graduationsIn } from './dial-steps';

/** The sizes that are still possible after the last cut: what was found last, less what was cut since; else what is foretold. */
export function sizeNow(sheet: Sheet, { segment, cuts, deepest, size }: Prediction): Band | null {
  const { found } = segment;
  const last = cuts.at(-1);
  if (found === null || last === undefined) return size;
  const known =
    found.cut === last.entry.id || (last.entry.content.zero === segment.zero && last.readingTaken);
  return known ? anchoredSize(sheet, found, fedDepth(sheet, deepest)) : null;
}

/** What a hand scatters when it nests a tool in its groove, radial; common practice. */
export const NESTING = { in: 0.004, mm: 0.1 } as const;

/** The sizes that a cut to a figure of the dial leaves. */
export function sizeAfter(sheet: Sheet, now: Band | null, from: number, to: number): Band | null {
  if (now === null || !isDeeper(sheet, to, from)) return now;
  const by = (sheet.thread.side === 'external' ? -2 : 2) * (fedDepth(sheet, to) - fedDepth(sheet, from));
  return { min: now.min + by, max: now.max + by };
}

/** The deepest figure of the dial at which every size that is possible now is still inside the limits. */
export function deepestSafe(sheet: Sheet, now: Band | null, from: number): number | null {
  if (now === null) return null;
  const spare = spareOf(sheet, now) / 2;
  return further(sheet, from, Math.max(0, graduationsIn(sheet, spare)));
}

/** How far the size that is nearest to being past saving still is from that limit, in the thread's unit. */
export function spareOf({ thread, limits }: Sheet, { min, max }: Band): number {
  const { pitchDiameter } = limits;
  return thread.side === 'external' ? min - pitchDiameter.min : pitchDiameter.max - max;
}
