import type { InferType } from 'yup';
import { documentReader, type StoredObject } from '@/core/base/documents/document';
import {
  figure,
  header,
  listOf,
  maybePart,
  maybeWords,
  part,
  whole,
  words,
  yesNo,
} from '@/core/base/documents/parts';

/** A decided mark: the proposal, what the instructor made of it, and the sum. A later decision stands beside it. */
const markSchema = part({
  ...header('oyakata-mark', 3),
  /** Version of the rules by which the points were proposed. */
  rules: whole(1, 1000),
  passMark: figure(0, 1000),
  sections: listOf(part({ id: words(40), title: words(80) }), 20),
  lines: listOf(
    part({
      id: words(120),
      section: words(40),
      title: words(200),
      max: figure(0, 1000),
      proposed: figure(0, 1000),
      seen: yesNo(),
      reason: words(2000),
      /** What one more point would have needed; null where nothing was lost, and in marks before version 3. */
      needed: maybeWords(500),
      evidence: listOf(words(60), 2000),
      awarded: figure(0, 1000),
      /** Why the points differ from the proposal; null when they do not. */
      overrideReason: maybeWords(500),
    }),
    400,
  ),
  cap: maybePart({ most: figure(0, 1000), reason: words(500) }),
  capLiftedReason: maybeWords(500),
  /** What a further try gave of the sum; null where it gave all. */
  factor: maybePart({ share: figure(0, 1), reason: words(200) }),
  /** The mark in the school's scale, as it was said then; null where it was said in points. */
  grade: maybeWords(60),
  comment: words(500),
  total: figure(0, 1000),
});

export type Mark = InferType<typeof markSchema>;
export type DecidedLine = Mark['lines'][number];

/** Version 1 carried no format, its sections were fixed, and every line was seen; its pass mark was half of the points. */
function liftMark1(older: StoredObject): StoredObject {
  const lines = older.lines as StoredObject[];
  return {
    ...older,
    format: 'oyakata-mark',
    version: 2,
    rules: 1,
    passMark: 50,
    sections: [
      { id: 'set-up', title: 'Set-up' },
      { id: 'passes', title: 'Passes' },
      { id: 'result', title: 'Result' },
    ],
    lines: lines.map((line) => ({ ...line, seen: true })),
  };
}

/** Version 2 knew points only, one scale, and tries that all give the same. */
function liftMark2(older: StoredObject): StoredObject {
  const lines = older.lines as StoredObject[];
  return {
    ...older,
    version: 3,
    lines: lines.map((line) => ({ ...line, needed: null })),
    factor: null,
    grade: null,
  };
}

/** Reads a stored mark of any version. @throws UnreadableDocument */
export const readMark = documentReader<Mark>({
  format: 'oyakata-mark',
  version: 3,
  schema: markSchema,
  lifts: { 1: liftMark1, 2: liftMark2 },
  withoutFormat: 1,
});

/** What in a mark a person has said, by its path: stored apart, so that it can be taken out. */
export function saidInMark(mark: Mark): Record<string, string> {
  return {
    ...(mark.comment === '' ? {} : { comment: mark.comment }),
    ...(mark.capLiftedReason === null ? {} : { capLiftedReason: mark.capLiftedReason }),
    ...Object.fromEntries(
      mark.lines.flatMap(({ id, overrideReason }) =>
        overrideReason === null ? [] : [[`lines.${id}`, overrideReason] as const],
      ),
    ),
  };
}

/** The mark with other words of persons in it. */
export function withSaid(mark: Mark, said: (path: string, kept: string) => string): Mark {
  return {
    ...mark,
    comment: said('comment', mark.comment),
    capLiftedReason: mark.capLiftedReason === null ? null : said('capLiftedReason', mark.capLiftedReason),
    lines: mark.lines.map((line) =>
      line.overrideReason === null
        ? line
        : { ...line, overrideReason: said(`lines.${line.id}`, line.overrideReason) },
    ),
  };
}
