import type { InferType } from 'yup';
import { documentReader, isStoredObject } from '@/core/base/documents/document';
import {
  figure,
  header,
  listOf,
  maybeFigure,
  maybeWords,
  oneOf,
  part,
  whole,
  words,
  yesNo,
} from '@/core/base/documents/parts';
import { fallSchema } from './fall';
import { readOlderScheme, type OlderScheme } from './older/older-scheme';
import { scaleSchema } from './scale';

/** The version of the rules by which schemes of version 4 are judged; a scheme names the one that it was made for. */
export const RULES = 5;

/** The most lines that a scheme, a proposal and a mark may have. */
export const MOST_LINES = 60;

export const SECTIONS = ['worksheet', 'set-up', 'passes', 'result', 'talk'] as const;
export type SectionId = (typeof SECTIONS)[number];

/** What caps the whole mark does. */
export const CAP_DOES = ['cap', 'fail', 'stop'] as const;

/**
 * How a mark is made up. Everything by which the rules judge stands here: sections and their points, lines with their
 * weights and how their points fall, caps with their sentences, the scale of the school.
 */
const schemeSchema = part({
  ...header('oyakata-scheme', 4),
  rules: whole(1, 1000),
  name: words(80).min(1),
  /** For whom it is, in a sentence. */
  says: words(300),
  scale: scaleSchema,
  sections: listOf(part({ id: oneOf(SECTIONS), title: words(80).min(1), points: figure(0, 100) }), 12),
  lines: listOf(
    part({
      /** Its kind, and after a colon what of it: `step:compound`; `step:*` are all steps without a line of their own. */
      id: words(60).min(1),
      section: oneOf(SECTIONS),
      /** A line of weight 0 is not judged. */
      weight: figure(0, 1000),
      /** In the school's words; null: as it is usually called. */
      title: maybeWords(120),
      fall: fallSchema,
      /** A figure that belongs to its kind, such as the minutes asked; null where there is none. */
      figure: maybeFigure(0, 10_000),
      /** What a line is worth that nothing shows: nothing, or it is out of the sum. */
      unseen: oneOf(['nothing', 'out'] as const),
      /** No mark is closed before somebody has judged it. */
      required: yesNo(),
    }),
    MOST_LINES,
  ),
  caps: listOf(
    part({
      /** `step:ID`: not recorded before the first cut. `proof:failed`. `event:ID`. `against`: cut all the same. */
      id: words(60).min(1),
      does: oneOf(CAP_DOES),
      /** Of a cap: at most so many points. */
      most: figure(0, 100),
      sentence: words(200).min(1),
    }),
    30,
  ),
  /** Graduations by which a reading may differ from the plan's and be kept; by which an infeed may exceed the largest. */
  scheduleGraduations: figure(0, 100),
  infeedGraduations: figure(0, 100),
  /** How far two micrometers in two hands may read apart. */
  agreement: part({ in: figure(0, 1), mm: figure(0, 25) }),
  /** Whose measurement of the end counts, where there are several. */
  measuredBy: oneOf(['reference', 'student', 'last'] as const),
  /** A size whose uncertainty (the agreement) reaches over a limit. */
  doubt: oneOf(['as-read', 'benefit', 'guard', 'again'] as const),
  /** Each further try gives so much less, down to the least. */
  tries: part({ less: figure(0, 1), least: figure(0, 1) }),
  /** Points are given in steps of this; from the pass mark on the work is passed. */
  pointStep: figure(0.1, 10),
  passMark: figure(0, 100),
});
export type Scheme = InferType<typeof schemeSchema>;
export type SchemeLine = Scheme['lines'][number];

/** Reads a scheme of version 4. @throws UnreadableDocument */
export const readScheme = documentReader<Scheme>({
  format: 'oyakata-scheme',
  version: 4,
  schema: schemeSchema,
});

/** A scheme by which pieces are marked: a present one, or one of an earlier release, which judges as it did then. */
export type AnyScheme = Scheme | OlderScheme;

/** Whether a scheme is of version 4, and not of those that judge as they did then. */
export const isPresent = (scheme: AnyScheme): scheme is Scheme => 'scale' in scheme;

/** Reads a stored scheme of any version. @throws UnreadableDocument */
export function readAnyScheme(stored: unknown): AnyScheme {
  const version = isStoredObject(stored) ? stored.version : undefined;
  return typeof version === 'number' && version < 4 ? readOlderScheme(stored) : readScheme(stored);
}
