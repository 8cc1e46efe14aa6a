import { groundHeight } from '@/core/thread/depth/radial-depth';
import { depthOf } from '@/core/thread/geometry/frame';
import { sheetDepth } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import type { Band } from '@/core/thread/standards/thread-limits';
import { tipShortening, type Tip } from '@/core/thread/tool/tip';
import type { Cut } from './cut-fold';
import { fedDepth } from './feed';
import type { Entry } from '../entry/entry';
import type { Remaining } from './remaining';
import type { Segment } from './segment';
import { zeroGap } from './zero-gap';

/** What a proof says of the tip or of the zero: an inference, for only one of the two can be told, the other is taken as given. */
export type Implied =
  /** A tip that was not measured: the flat, or the radius, that the depth fed needs. */
  | { of: 'tip'; flat: Band; radius: Band }
  /** Not even a point goes so deep with so little: the zero was inside the metal by so much. */
  | { of: 'zero-inside'; by: Band }
  /** With the tip of the sheet: how far the tip stood off at the zero; negative: already inside the metal. */
  | { of: 'zero'; gap: Band };

/** What the cuts have made so far, as `Prediction` tells it. */
interface Made {
  segment: Segment;
  cuts: readonly Cut[];
  remaining: Remaining | null;
  figuredFor: number;
}

/** A zero is told as another one than was taken only beyond what a hand and a micrometer scatter; common practice. */
const SCATTER = { in: 0.001, mm: 0.02 } as const;

/**
 * Works a size that was measured or tried back to the tip or the zero that it implies. With h fed from a zero on the
 * surface, a pointed tip needs h0 for that size: the tip falls short of its point by h0 - h, which is a flat of
 * 2 (h0 - h) tan a. Null while nothing was measured or tried since the last cut, or all agrees with tip and zero.
 * @example M10x1.5 from 9.95, tight in a 6H nut at 0.75: a flat of 0.31 to 0.42 (common practice: about P/4)
 */
export function impliedByProof(
  sheet: Sheet,
  live: readonly Entry[],
  { segment, cuts, remaining, figuredFor }: Made,
): Implied | null {
  const last = cuts.at(-1);
  if (last === undefined || !last.readingTaken || segment.zero !== 'touch-off') return null;
  const { anchor } = segment;
  const isNew = remaining !== null && live.indexOf(remaining.measurement) > live.indexOf(last.entry);
  const size = isNew
    ? { min: remaining.measured.mean, max: remaining.measured.mean }
    : anchor?.cut === last.entry.id
      ? anchor.size
      : null;
  if (size === null) return null;
  const { side, flankAngleDeg, unit } = sheet.thread;
  const fed = fedDepth(sheet, last.reading);
  const { gap } = zeroGap(sheet, live);
  const depthTo = (tip: Tip, pitchDiameter: number) =>
    depthOf(side, figuredFor, pitchDiameter) + groundHeight({ ...sheetDepth(sheet), tip });
  if (sheet.tip.known) {
    const { tip } = sheetDepth(sheet);
    const off = ordered((pitchDiameter) => fed - depthTo(tip, pitchDiameter), size);
    const agrees = gap !== null && off.min <= gap + SCATTER[unit] && off.max >= gap - SCATTER[unit];
    return agrees ? null : { of: 'zero', gap: off };
  }
  const point: Tip = { kind: 'sharp' };
  const short = ordered((pitchDiameter) => depthTo(point, pitchDiameter) - (fed - (gap ?? 0)), size);
  if (short.max < -1e-9) return { of: 'zero-inside', by: { min: -short.max, max: -short.min } };
  const scaled = (per: number) => ({ min: Math.max(0, short.min) / per, max: Math.max(0, short.max) / per });
  return {
    of: 'tip',
    flat: scaled(tipShortening({ kind: 'flat', flat: 1 }, flankAngleDeg)),
    radius: scaled(tipShortening({ kind: 'radius', radius: 1 }, flankAngleDeg)),
  };
}

function ordered(of: (pitchDiameter: number) => number, { min, max }: Band): Band {
  const ends = [of(min), of(max)];
  return { min: Math.min(...ends), max: Math.max(...ends) };
}
