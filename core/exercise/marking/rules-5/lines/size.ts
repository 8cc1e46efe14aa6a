import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import { formatLength } from '@/core/base/units/format-length';
import type { EntryOf } from '../../../record/entry/entry';
import type { Sheet } from '../../../sheet/sheet';
import { measuredOf, type Measured } from '../../rules-2/facts/measured';
import { placesOf } from '../../rules-2/judge-result';
import { band, cases, shareAt, shareOf, steps } from '../../fall';
import { finalMeasurements, taken, type Facts } from '../facts';
import { notSeen, type Judged, type LineKind } from '../line-kind';

type Final = EntryOf<'measurement'>;

const asksMeasuring: LineKind['asked'] = ({ proof }) =>
  proof.some(({ kind }) => EVIDENCE_DATA[kind].recordedAs === 'measurement') ? [''] : [];

const NOT_MEASURED = 'Not seen: no final measurement is recorded.';

/** The measurement that the scheme takes, with what it says. */
function finalOf(facts: Facts): { entry: Final; measured: Measured } | null {
  const entry = taken(facts, finalMeasurements(facts));
  return entry === undefined ? null : { entry, measured: measuredOf(facts.sheet, entry.content) };
}

const shower = (sheet: Sheet) => (value: number) => formatLength({ value, unit: sheet.thread.unit });

/** The limits that a reading has to keep, by what the scheme says of a size in doubt. */
function limitsFor({ sheet, scheme }: Facts): { min: number; max: number } {
  const { min, max } = sheet.limits.pitchDiameter;
  const by = scheme.agreement[sheet.thread.unit];
  if (scheme.doubt === 'benefit') return { min: min - by, max: max + by };
  return scheme.doubt === 'guard' ? { min: min + by, max: max - by } : { min, max };
}

const DOUBT = {
  benefit: (by: string) =>
    ` ${by} beyond a limit is not held against the part: two micrometers may differ by so much.`,
  guard: (by: string) => ` Inside by ${by} at least, as two micrometers may differ by so much.`,
} as const;

/** Whether a size lies so near to a limit that the uncertainty reaches over it. */
function inDoubt({ sheet, scheme }: Facts, sizes: readonly number[]): boolean {
  const { min, max } = sheet.limits.pitchDiameter;
  const by = scheme.agreement[sheet.thread.unit];
  return sizes.some((size) => Math.abs(size - min) < by - 1e-9 || Math.abs(size - max) < by - 1e-9);
}

const CASES = {
  inside: 'Every place inside the limits',
  unfinished: 'Metal is left: it could still be cut',
  place: 'Each place inside, where not all are',
  'over-cut': 'Past the limit: nothing brings metal back',
} as const;

/**
 * The pitch diameter in its limits. By cases, or by a band: how far the worst place lies from the target, in shares of the
 * way to the limit on its side.
 */
export const sizeLine: LineKind = {
  kind: 'size',
  section: 'result',
  judges: 'The pitch diameter at the places asked, by the final measurement',
  usual: cases({ inside: 1, unfinished: 0.25, place: 0.125, 'over-cut': 0 }),
  falls: ['cases', 'band'],
  cases: CASES,
  counts: 'of the way from the target to the limit, at the worst place',
  asked: asksMeasuring,
  title: () => 'Pitch diameter in limits',
  judge(facts, { fall }): Judged {
    const final = finalOf(facts);
    if (final === null) return notSeen(NOT_MEASURED);
    const { sheet, scheme } = facts;
    const { entry, measured } = final;
    const show = shower(sheet);
    const places = placesOf(sheet, entry);
    const sizes = places.flatMap((place) => measured.pitchDiameter[place] ?? []);
    const limits = limitsFor(facts);
    const isInside = (size: number) => size >= limits.min - 1e-9 && size <= limits.max + 1e-9;
    const inside = sizes.filter(isInside).length;
    const all = inside === places.length;
    const list = places.map((place) => `${place} ${show(measured.pitchDiameter[place] ?? NaN)}`).join(', ');
    const { min, max } = sheet.limits.pitchDiameter;
    const says = `${list}; band ${show(min)} to ${show(max)}.`;
    const doubtful = inDoubt(facts, sizes);
    const by = show(scheme.agreement[sheet.thread.unit]);
    const { doubt } = scheme;
    const words = doubtful && (doubt === 'benefit' || doubt === 'guard') ? DOUBT[doubt](by) : '';
    const base = {
      evidence: [entry.id],
      ...(doubtful && doubt === 'again' && !measuredAgain(facts)
        ? { again: `The size lies within ${by} of a limit: the scheme wants a second measurement.` }
        : {}),
    };
    // A guard band proves less; past the limit is past the limit itself, or what is not held against the part.
    const past = doubt === 'benefit' ? limits : { min, max };
    const over = sizes.some((size) =>
      sheet.thread.side === 'external' ? size < past.min - 1e-9 : size > past.max + 1e-9,
    );
    if (fall.by === 'band') {
      const away = (size: number) => {
        const target = sheet.targetPitchDiameter;
        return size >= target
          ? (size - target) / Math.max(limits.max - target, LEAST_WAY)
          : (target - size) / Math.max(target - limits.min, LEAST_WAY);
      };
      const worst = Math.max(...sizes.map(away));
      const share = shareAt(fall, worst);
      const full = fall.band?.full ?? 0;
      return {
        ...base,
        share,
        reason: `${says} ${worst > 1 ? 'Beyond the limit' : `${percent(worst)} of the way to the limit`} at the worst place.${words}`,
        ...(share < 1 ? { needed: `Within ${percent(full)} of the way from the target to the limit.` } : {}),
      };
    }
    if (over)
      return {
        ...base,
        share: shareOf(fall, 'over-cut'),
        reason: `Over-cut: ${says}${words}`,
        needed: `${sheet.thread.side === 'external' ? `Not under ${show(past.min)}` : `Not over ${show(past.max)}`} at any place.`,
      };
    if (all) return { ...base, share: shareOf(fall, 'inside'), reason: `${says}${words}` };
    const part = Math.min(1, shareOf(fall, 'unfinished') + inside * shareOf(fall, 'place'));
    if (sizes.every((size) => size >= min - 1e-9 && size <= max + 1e-9))
      return {
        ...base,
        share: part,
        reason: `Inside, and not by enough to be sure: ${says}${words}`,
        needed: `${show(limits.min)} to ${show(limits.max)} at every place.`,
      };
    return {
      ...base,
      share: part,
      reason: `Not finished: ${says} It could still be cut.${words}`,
      needed: leftToCut(sheet, measured),
    };
  },
};

/** No way is so short that a size has no share of it: a target may stand at its limit. */
const LEAST_WAY = 1e-6;

const percent = (of: number) => `${Math.round(of * 100)} %`;

/** What was left to cut, in the figures of this piece. */
function leftToCut(sheet: Sheet, { mean, remainingCompound }: Measured): string {
  const show = shower(sheet);
  const off = Math.abs(mean - sheet.targetPitchDiameter);
  const slide = sheet.feed.slide === 'compound' ? sheet.words.compound : sheet.words.crossSlide;
  return remainingCompound <= 0
    ? 'Even along the length: one place still holds metal.'
    : `${show(off)} more off the pitch diameter: ${show(remainingCompound)} ${sheet.thread.unit} on the ${slide}.`;
}

/** Whether whoever is not the student has measured it twice. */
const measuredAgain = (facts: Facts): boolean =>
  finalMeasurements(facts).filter(({ author }) => author.role !== 'student').length > 1;

export const targetLine: LineKind = {
  kind: 'target',
  section: 'result',
  judges: 'How near the mean lies to the target',
  usual: band(0.25, 0.75),
  falls: ['band', 'steps'],
  counts: 'of the tolerance, from the target',
  asked: asksMeasuring,
  title: () => 'Near the target',
  judge(facts, { fall }) {
    const final = finalOf(facts);
    if (final === null) return notSeen(NOT_MEASURED);
    const { sheet } = facts;
    const tolerance = sheet.limits.pitchDiameterTolerance;
    const away = Math.abs(final.measured.mean - sheet.targetPitchDiameter);
    const show = shower(sheet);
    const share = shareAt(fall, away / tolerance);
    const full = (fall.by === 'band' ? fall.band?.full : fall.steps[0]?.upTo) ?? 0;
    return {
      share,
      reason: `Mean ${show(final.measured.mean)} is ${show(away)} from the target ${show(sheet.targetPitchDiameter)}.`,
      ...(share < 1 ? { needed: `Within ${show(full * tolerance)} of the target for all points.` } : {}),
      evidence: [final.entry.id],
    };
  },
};

export const taperLine: LineKind = {
  kind: 'taper',
  section: 'result',
  judges: 'How even the pitch diameter is along the length',
  usual: steps([0.25, 1], [0.5, 0.5]),
  falls: ['steps', 'band'],
  counts: 'of the tolerance, from the smallest to the largest place',
  asked: ({ proof }) =>
    proof.some(({ kind, places }) => EVIDENCE_DATA[kind].recordedAs === 'measurement' && places.length !== 1)
      ? ['']
      : [],
  title: () => 'Even along the length',
  judge(facts, { fall }) {
    const final = finalOf(facts);
    if (final === null) return notSeen(NOT_MEASURED);
    const { sheet } = facts;
    const { largest, smallest } = final.measured;
    const tolerance = sheet.limits.pitchDiameterTolerance;
    const show = shower(sheet);
    const share = shareAt(fall, (largest - smallest) / tolerance);
    const full = (fall.by === 'band' ? fall.band?.full : fall.steps[0]?.upTo) ?? 0;
    return {
      share,
      reason: `Spread ${show(largest - smallest)}; all points to ${show(full * tolerance)}.`,
      ...(share < 1 ? { needed: `A spread of ${show(full * tolerance)} at most.` } : {}),
      evidence: [final.entry.id],
    };
  },
};

export const measuringLine: LineKind = {
  kind: 'measuring',
  section: 'result',
  judges: 'The student’s own measurement against the reference',
  usual: band(1, 2),
  falls: ['band', 'steps', 'all'],
  counts: 'times what two micrometers may differ',
  asked: asksMeasuring,
  title: () => 'Own measuring agrees',
  judge(facts, { fall }) {
    const { sheet, scheme } = facts;
    const finals = finalMeasurements(facts);
    const own = finals.findLast(({ author }) => author.role === 'student');
    const reference = finals.findLast(({ author }) => author.role !== 'student');
    if (own === undefined || reference === undefined)
      return { share: null, reason: 'Not measured by both: out of the sum.', evidence: [] };
    const meanOf = (entry: Final) => measuredOf(sheet, entry.content).mean;
    const apart = Math.abs(meanOf(own) - meanOf(reference));
    const agreed = scheme.agreement[sheet.thread.unit];
    const show = shower(sheet);
    const times = apart / agreed;
    const share = fall.by === 'all' ? Number(times <= 1 + 1e-9) : shareAt(fall, times);
    return {
      share,
      reason: `Student and reference differ by ${show(apart)}; two micrometers may differ by ${show(agreed)}.`,
      ...(share < 1 ? { needed: `Within ${show(agreed)} of the reference.` } : {}),
      evidence: [own.id, reference.id],
    };
  },
};
