import { groundHeight } from '@/core/thread/depth/radial-depth';
import { depthOf } from '@/core/thread/geometry/frame';
import type { NutReckoning } from '@/core/measuring/nut/reckon-nut';
import { sheetDepth } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { EntryOf } from '../entry/entry';
import { roundTo } from '@/core/base/units/round';
import { figureAtDepth } from './feed';
import { eventData } from '../entry/events';
import type { EventData } from '../entry/events/event-data';
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
  /** What was found of the size last, also where tip and zero had foretold it; null: nothing, or the depth was lost since. */
  found: Anchor | null;
  /** Whether anything is foretold: flanks worked by hand end it. */
  foretells: boolean;
  /** What happened asks for a pass at no infeed first. */
  wantsPassAtNoInfeed: boolean;
  /** What happened asks for new zeros in the groove before anything is cut: the event; null where none does. */
  wantsZero: string | null;
  /** Figure of the plan at which the dial's zero stands, in the dial's unit: the rows not cut yet go on from there. */
  planAtZero: number;
  /** The same at touch-off: where a start stands that was not cut yet. */
  planAtTouchOff: number;
}

/** At touch-off: the rows count from the surface, and start so much later, or earlier, as the tip stood off it, or in it. */
export function firstSegment(sheet: Sheet, { gap, uncertainty }: ZeroGap): Segment {
  const planAtZero = gap === null || sheet.reckoned === 'as-planned' ? 0 : 0 - figureAtDepth(sheet, gap);
  return {
    zero: 'touch-off',
    depthAtZero: gap === null ? null : 0 - gap,
    uncertainty,
    anchor: null,
    found: null,
    foretells: true,
    wantsPassAtNoInfeed: false,
    wantsZero: null,
    planAtZero,
    planAtTouchOff: planAtZero,
  };
}

/** Where the work stands: by the last cut, and what was measured or tried since. */
export interface Standing {
  /** The entry of the last cut; null before the first. */
  cut: string | null;
  /** The dial's figure now, from the zero that is in force. */
  reading: number;
  /** Depth fed at that figure. */
  fed: number;
  depth: number | null;
  size: Band | null;
  workDiameter: number;
}

export function afterEvent(segment: Segment, entry: EntryOf<'event'>, standing: Standing): Segment {
  const data = eventData(entry.content.event);
  if (data === null) return segment;
  return {
    ...moved(segment, entry, data.effect, standing),
    wantsPassAtNoInfeed: data.asksPassAtNoInfeed === true || segment.wantsPassAtNoInfeed,
    wantsZero:
      data.effect === 'new-zero' ? null : data.asksZero === true ? entry.content.event : segment.wantsZero,
  };
}

function moved(
  segment: Segment,
  entry: EntryOf<'event'>,
  effect: EventData['effect'],
  { cut, reading, depth, size }: Standing,
): Segment {
  switch (effect) {
    case 'new-zero': {
      const { uncertainty } = entry.content;
      // Set into the groove, the tool stands at the depth of the last cut. How exactly, only the person who did it
      // knows: that is the uncertainty.
      const carried = uncertainty !== null;
      const { found } = segment;
      const anew = (of: Band) =>
        carried && cut !== null ? { fed: 0, size: widened(of, 2 * uncertainty), cut } : null;
      return {
        ...segment,
        zero: entry.id,
        planAtZero: roundTo(segment.planAtZero + reading, 7),
        depthAtZero: carried ? depth : null,
        uncertainty: uncertainty ?? 0,
        anchor: size === null ? null : anew(size),
        found: found === null || found.cut !== cut ? null : anew(found.size),
      };
    }
    case 'unknown':
      return { ...segment, depthAtZero: null, anchor: null, found: null };
    case 'ends':
      return { ...segment, anchor: null, found: null, foretells: false };
    case 'none':
      return segment;
  }
}

/**
 * The piece has left the machine and is to be cut on. Between centres it comes back by its marks; held otherwise it is picked
 * up anew (common practice).
 */
export const afterTakenOut = (segment: Segment, betweenCentres: boolean): Segment =>
  betweenCentres
    ? { ...segment, wantsPassAtNoInfeed: true }
    : { ...segment, depthAtZero: null, anchor: null, found: null, wantsZero: 'sent-back' };

/** A measurement tells the size where tip and zero did not; with a tip that is known the depth too. */
export function settledBy(
  sheet: Sheet,
  segment: Segment,
  { cut, fed, workDiameter }: Standing,
  measured: number,
  tipKnown: boolean,
): Segment {
  if (cut === null) return segment;
  const found = { fed, size: { min: measured, max: measured }, cut };
  const sure = segment.depthAtZero !== null && segment.uncertainty === 0 && segment.foretells;
  if (sure && tipKnown) return { ...segment, found };
  const anchored = { ...segment, anchor: found, found, foretells: true };
  if (!tipKnown) return anchored;
  const depth =
    depthOf(sheet.thread.side, workDiameter, measured) + groundHeight({ ...sheetDepth(sheet), workDiameter });
  return { ...anchored, depthAtZero: depth - fed, uncertainty: 0 };
}

/**
 * What a nut or another piece says narrows what was only a band; bounds that contradict it are left to the eye. Where
 * nothing was foretold, a nut that says both ends does.
 */
export function narrowedBy(
  sheet: Sheet,
  segment: Segment,
  { cut, fed, size }: Standing,
  nut: { reckoning: NutReckoning } | null,
  tipKnown: boolean,
): Segment {
  if (cut === null || nut === null) return segment;
  const { pitchDiameter, contradiction } = nut.reckoning;
  if (contradiction !== null || (pitchDiameter.min === null && pitchDiameter.max === null)) return segment;
  const sure = segment.depthAtZero !== null && segment.uncertainty === 0 && segment.foretells && tipKnown;
  const min = Math.max(pitchDiameter.min ?? -Infinity, size?.min ?? -Infinity);
  const max = Math.min(pitchDiameter.max ?? Infinity, size?.max ?? Infinity);
  if (!Number.isFinite(min) || !Number.isFinite(max)) return segment;
  if (min > max) return atTheEdge(sheet, segment, { fed, size, cut }, { min, max });
  const found = { fed, size: { min, max }, cut };
  return sure ? { ...segment, found } : { ...segment, anchor: found, found, foretells: true };
}

/** A size that is foretold is wrong by so much before a nut against it is looked at; common practice. */
export const CLEARLY = { in: 0.0015, mm: 0.04 } as const;

/** The nut says a little more metal, or less, than is foretold: as near to it as the foretold goes. */
function atTheEdge(
  { thread: { unit }, reckoned }: Sheet,
  segment: Segment,
  { fed, size, cut }: { fed: number; size: Band | null; cut: string },
  { min, max }: Band,
): Segment {
  if (reckoned === 'as-planned' || size === null || min - max > CLEARLY[unit]) return segment;
  const edge = max === size.max ? max : min;
  return { ...segment, found: { fed, size: { min: edge, max: edge }, cut } };
}

/**
 * What GO and NO-GO say: GO stops, and at least the limit's metal is left; both right, and it lies inside; NO-GO goes in,
 * and it is past. Where nothing else bounds it, no thread has more metal than the blank, nor half a pitch less.
 */
export function narrowedByGauge(
  { thread: { side, pitch }, limits: { pitchDiameter: limit } }: Sheet,
  segment: Segment,
  { cut, fed, size, workDiameter }: Standing,
  answer: string | null,
): Segment {
  if (cut === null || !['right', 'go-stops', 'no-go-enters'].includes(answer ?? '')) return segment;
  const blank = { min: Math.min(workDiameter, limit.min), max: Math.max(workDiameter, limit.max) };
  const [more, less] =
    side === 'external'
      ? [
          { min: limit.max, max: blank.max },
          { min: limit.min - pitch / 2, max: limit.min },
        ]
      : [
          { min: blank.min, max: limit.min },
          { min: limit.max, max: limit.max + pitch / 2 },
        ];
  const said = answer === 'right' ? limit : answer === 'go-stops' ? more : less;
  const open = size ?? said;
  const [min, max] = [Math.max(said.min, open.min), Math.min(said.max, open.max)];
  // What is foretold against it is wrong: the gauge has been there.
  return { ...segment, found: { fed, size: min > max ? said : { min, max }, cut } };
}

/** The size that depth alone leaves at a depth fed, from what was last measured or tried. */
export function anchoredSize({ thread: { side } }: Sheet, anchor: Anchor, fed: number): Band {
  const by = (side === 'external' ? -2 : 2) * (fed - anchor.fed);
  return { min: anchor.size.min + by, max: anchor.size.max + by };
}

export function widened({ min, max }: Band, by: number): Band {
  return { min: min - by, max: max + by };
}
