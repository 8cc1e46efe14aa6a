import type { InferType } from 'yup';
import { documentReader } from '@/core/base/documents/document';
import { figure, header, listOf, maybeWords, oneOf, part, whole, words } from '@/core/base/documents/parts';

/** The newest rules of schemes before version 4. */
export const OLDER_RULES = 4;

/** What is usual for a figure that was told: as much as for one found at the last try; common practice. */
export const TOLD = 0.25;

/** A share of a line's points. */
const share = () => figure(0, 1);

/**
 * How a mark is made up: sections and their points, lines with their weights, caps, and every tolerance by which the
 * rules judge. Weights and caps stand here, by the ids of steps and proofs, and nowhere else.
 */
const schemeSchema = part({
  ...header('oyakata-scheme', 3),
  rules: whole(1, 1000),
  sections: listOf(part({ id: words(40).min(1), title: words(80), points: figure(0, 1000) }), 20),
  /** A line of weight 0 is not judged. */
  lines: listOf(
    part({ id: words(60).min(1), section: words(40), weight: figure(0, 1000), title: maybeWords(120) }),
    200,
  ),
  /**
   * What a line that is judged and not listed means: schemes of version 1 gave it the weight 1, and still do; a later one
   * lists every line, and one that it lacks blocks the mark by its name.
   */
  unlisted: oneOf(['weight-1', 'refused'] as const),
  /** What caps the whole mark: a step that was not recorded before the first cut, or (`proof:failed`) a part that is no good. */
  caps: listOf(part({ id: words(60).min(1), most: figure(0, 1000) }), 50),
  judging: part({
    /** Graduations by which a reading may differ from the plan's and be kept; by which an infeed may exceed the largest. */
    scheduleGraduations: figure(0, 100),
    infeedGraduations: figure(0, 100),
    /** Agreement asked of two measurers. */
    agreementIn: figure(0, 1),
    agreementMm: figure(0, 25),
    /** Spread along the length in shares of the tolerance: full points to the first, half to the second. */
    taperFull: figure(0, 10),
    taperHalf: figure(0, 10),
    /** Distance of the mean from the target in shares of the tolerance: full points to the first, none from the second. */
    targetFull: figure(0, 10),
    targetNone: figure(0, 10),
    /** A thread that could still be cut: this share, and so much more for each place inside. */
    unfinished: share(),
    unfinishedPlace: share(),
    /** A step recorded only after the first cut; one whose wrong value was corrected before it. */
    late: share(),
    corrected: share(),
    /** A figure that was told, or shown after a wrong one, and then copied. */
    told: share(),
    fair: share(),
  }),
  /** Points are given in steps of this; from the pass mark on the work is passed. */
  pointStep: figure(0.1, 10),
  passMark: figure(0, 1000),
});

export type OlderScheme = InferType<typeof schemeSchema>;

/** Reads a stored scheme of version 1 to 3. @throws UnreadableDocument */
export const readOlderScheme = documentReader<OlderScheme>({
  format: 'oyakata-scheme',
  version: 3,
  schema: schemeSchema,
  lifts: {
    1: (older) => ({ ...older, version: 2, unlisted: 'weight-1' }),
    // Rules before 4 have no such share; it is what they gave for the last of many tries.
    2: (older) => ({ ...older, version: 3, judging: { ...(older.judging as object), told: TOLD } }),
  },
});
