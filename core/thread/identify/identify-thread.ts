import { crestLimits, type Band, type ThreadLimits } from '../standards/thread-limits';
import { parseDesignation } from '../standards/parse-designation';
import { pitchOf, type Side, type Thread } from '../standards/thread';
import { standardThreads } from '../standards/suggest';
import { threadLimits } from '../standards/limits';
import { formatLength } from '@/core/base/units/format-length';
import { lengthIn, type LengthUnit } from '@/core/base/units/length';

/** An existing thread as it was measured. Lengths in one unit. */
export interface MeasuredPart {
  side: Side;
  unit: LengthUnit;
  /** Crest diameter: the major one of a screw, the bore of a nut. Null where only the root was measured. */
  crest: number | null;
  /** Major diameter of an internal thread, measured at its root; null otherwise. */
  root: number | null;
  pitch: number;
  /** Of the diameter. */
  uncertainty: number;
}

export interface ThreadCandidate {
  thread: string;
  /** Whether diameter and pitch both agree within the uncertainty. */
  fits: boolean;
  reason: string;
}

/** A pitch gauge or a count along a rule tells pitches apart that differ by half a per cent; common practice. */
const PITCH_SLACK = 0.005;
/** Beyond this a pitch is another one, and not worth naming. */
const NEAR_PITCH = 0.03;
const MOST = 12;

/**
 * Standard threads that an existing part may be, the likeliest first: those whose crest diameter and pitch agree, then
 * those that nearly do, with the reason. It is a weak evidence: form and class can not be told by two figures.
 */
export function identifyThread(part: MeasuredPart): ThreadCandidate[] {
  return sizesOf(part.side)
    .flatMap((known) => judged(part, known))
    .sort((a, b) => a.rank - b.rank)
    .slice(0, MOST)
    .map(({ thread, fits, reason }) => ({ thread, fits, reason }));
}

interface KnownThread {
  designation: string;
  thread: Thread;
  order: number;
}

const KNOWN = new Map<Side, KnownThread[]>();

function sizesOf(side: Side): KnownThread[] {
  const known = KNOWN.get(side);
  if (known !== undefined) return known;
  const made = standardThreads(side).flatMap((designation, order): KnownThread[] => {
    const read = parseDesignation(designation);
    return read.ok ? [{ designation, thread: read.value.thread, order }] : [];
  });
  KNOWN.set(side, made);
  return made;
}

function judged(
  part: MeasuredPart,
  { designation, thread, order }: KnownThread,
): (ThreadCandidate & { rank: number })[] {
  const unit = thread.unit;
  const inUnit = (value: number) => lengthIn({ value, unit: part.unit }, unit);
  const pitch = pitchOf(thread);
  const pitchOff = Math.abs(inUnit(part.pitch) - pitch) / pitch;
  if (pitchOff > NEAR_PITCH) return [];
  const measured = inUnit(part.crest ?? part.root ?? 0);
  // Nothing further off than a pitch is worth its limits.
  if (Math.abs(measured - thread.nominalDiameter) > 2.2 * pitch) return [];
  const band = bandOf(threadLimits(thread), part.crest === null, pitch);
  const slack = inUnit(part.uncertainty);
  const off = Math.max(band.min - measured, measured - band.max, 0);
  const sizeFits = off <= slack + 1e-9;
  const pitchFits = pitchOff <= PITCH_SLACK;
  const fits = sizeFits && pitchFits;
  if (!fits && off > Math.max(slack, pitch / 4)) return [];
  const show = (value: number) => formatLength({ value, unit: part.unit });
  const back = (value: number) => lengthIn({ value, unit }, part.unit);
  const what = part.crest === null || part.side === 'external' ? 'major diameter' : 'bore';
  const limits = `${show(back(band.min))} to ${show(back(band.max))} ${part.unit}`;
  const size = sizeFits
    ? `${what} ${show(part.crest ?? part.root ?? 0)} agrees with ${limits}`
    : `${what} is ${show(back(off))} ${measured < band.min ? 'under' : 'over'} ${limits}`;
  const pitchSays = pitchFits ? 'pitch agrees' : `pitch ${(100 * pitchOff).toFixed(1)} % off`;
  const form =
    thread.system === 'whitworth' || thread.system === 'pipe'
      ? '; a 55° form: lay a gauge on the flanks'
      : '';
  const middle = (band.min + band.max) / 2;
  // What fits comes first, then the nearer size in pitches; the order of the standard series parts the rest.
  const rank =
    (fits ? 0 : 100) +
    (off / pitch) * 20 +
    pitchOff * 200 +
    (FAMILY_RANK[thread.system] ?? 0) +
    (sizeFits ? Math.abs(measured - middle) / pitch / 100 : 0) +
    order * 1e-6 +
    classRank(designation);
  return [{ thread: designation, fits, reason: `${size}; ${pitchSays}${form}.`, rank }];
}

/** The usual systems before those that are met seldom; common practice. */
const FAMILY_RANK: Partial<Record<Thread['system'], number>> = {
  whitworth: 2,
  pipe: 2,
  acme: 3,
  trapezoidal: 3,
};

/** The general class before the closer one. */
const classRank = (designation: string) => (/-3[AB]/.test(designation) ? 0.5 : 0);

/** The crest by its limits, or the root of an internal thread: from the basic size to what the tool's tip leaves over it. */
function bandOf(limits: ThreadLimits, byRoot: boolean, pitch: number): Band {
  return byRoot && limits.side === 'internal'
    ? { min: limits.major.min, max: limits.major.max ?? limits.major.min + pitch / 8 }
    : crestLimits(limits);
}
