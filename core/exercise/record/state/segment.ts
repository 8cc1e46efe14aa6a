import { groundHeight } from '@/core/thread/depth/radial-depth';
import { depthOf } from '@/core/thread/geometry/frame';
import type { NutReckoning } from '@/core/measuring/nut/reckon-nut';
import { sheetDepth } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { EntryOf } from '../entry/entry';
import { eventData } from '../entry/events';
import type { ZeroGap } from './zero-gap';

/** What a measurement, a nut or the last cut said of the size at one depth fed: from there on depth alone tells it. */
export interface Anchor {
  /** Radial depth fed from reading 0 of the segment, in the thread's unit. */
  fed: number;
  size: Band;
  /** The entry of the last cut before it. */
  cut: string;
}

/** From touch-off, or from zeros taken anew, to the next new zeros: within it a reading means one depth. */
export interface Segment {
  /** `touch-off`, or the entry by which the zeros were taken anew. */
  zero: string;
  /** Depth at reading 0 of this segment, in the thread's unit; null: not known. */
  depthAtZero: number | null;
  /** How far that depth may be off. */
  uncertainty: number;
  /** Null while only tip and zero foretell the size. */
  anchor: Anchor | null;
  /** Whether anything is foretold: flanks worked by hand end it. */
  foretells: boolean;
  /** The part was disturbed: a pass at no infeed is wanted first. */
  wantsPassAtNoInfeed: boolean;
}

export function firstSegment({ gap, uncertainty }: ZeroGap): Segment {
  return {
    zero: 'touch-off',
    depthAtZero: gap === null ? null : -gap,
    uncertainty,
    anchor: null,
    foretells: true,
    wantsPassAtNoInfeed: false,
  };
}

/** Where the work stands: by the last cut, and what was measured or tried since. */
export interface Standing {
  /** The entry of the last cut; null before the first. */
  cut: string | null;
  /** Depth fed at its reading. */
  fed: number;
  depth: number | null;
  size: Band | null;
  workDiameter: number;
}

export function afterEvent(
  segment: Segment,
  entry: EntryOf<'event'>,
  { cut, depth, size }: Standing,
): Segment {
  const data = eventData(entry.content.event);
  switch (data?.effect) {
    case 'new-zero': {
      const { uncertainty } = entry.content;
      // Set into the groove, the tool stands at the depth of the last cut. How exactly, only the person who did it
      // knows: that is the uncertainty.
      const carried = uncertainty !== null;
      return {
        ...segment,
        zero: entry.id,
        depthAtZero: carried ? depth : null,
        uncertainty: uncertainty ?? 0,
        anchor:
          carried && size !== null && cut !== null
            ? { fed: 0, size: widened(size, 2 * uncertainty), cut }
            : null,
      };
    }
    case 'unknown':
      return {
        ...segment,
        depthAtZero: null,
        anchor: null,
        wantsPassAtNoInfeed: data.asksPassAtNoInfeed === true,
      };
    case 'ends':
      return { ...segment, anchor: null, foretells: false };
    default:
      return segment;
  }
}

/** A measurement tells the size where tip and zero did not; with a tip that is known the depth too. */
export function settledBy(
  sheet: Sheet,
  segment: Segment,
  { cut, fed, workDiameter }: Standing,
  measured: number,
): Segment {
  if (cut === null) return segment;
  const sure = segment.depthAtZero !== null && segment.uncertainty === 0 && segment.foretells;
  if (sure && sheet.tip.known) return segment;
  const anchored = {
    ...segment,
    anchor: { fed, size: { min: measured, max: measured }, cut },
    foretells: true,
  };
  if (!sheet.tip.known) return anchored;
  const depth =
    depthOf(sheet.thread.side, workDiameter, measured) + groundHeight({ ...sheetDepth(sheet), workDiameter });
  return { ...anchored, depthAtZero: depth - fed, uncertainty: 0 };
}

/**
 * What a nut or another piece says narrows what was only a band; bounds that contradict it are left to the eye. Where
 * nothing was foretold, a nut that says both ends does.
 */
export function narrowedBy(
  segment: Segment,
  { cut, fed, size }: Standing,
  nut: { reckoning: NutReckoning } | null,
  tipKnown: boolean,
): Segment {
  const sure = segment.depthAtZero !== null && segment.uncertainty === 0 && segment.foretells && tipKnown;
  if (cut === null || nut === null || sure) return segment;
  const { pitchDiameter, contradiction } = nut.reckoning;
  if (pitchDiameter.min === null && pitchDiameter.max === null) return segment;
  const min = Math.max(pitchDiameter.min ?? -Infinity, size?.min ?? -Infinity);
  const max = Math.min(pitchDiameter.max ?? Infinity, size?.max ?? Infinity);
  if (contradiction !== null || !Number.isFinite(min) || !Number.isFinite(max) || min > max) return segment;
  return { ...segment, anchor: { fed, size: { min, max }, cut }, foretells: true };
}

/** The size that depth alone leaves at a depth fed, from what was last measured or tried. */
export function anchoredSize({ thread: { side } }: Sheet, anchor: Anchor, fed: number): Band {
  const by = (side === 'external' ? -2 : 2) * (fed - anchor.fed);
  return { min: anchor.size.min + by, max: anchor.size.max + by };
}

export function widened({ min, max }: Band, by: number): Band {
  return { min: min - by, max: max + by };
}
