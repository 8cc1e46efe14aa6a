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
  ...header('oyakata-mark', 2),
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
      evidence: listOf(words(60), 2000),
      awarded: figure(0, 1000),
      /** Why the points differ from the proposal; null when they do not. */
      overrideReason: maybeWords(500),
    }),
    400,
  ),
  cap: maybePart({ most: figure(0, 1000), reason: words(500) }),
  capLiftedReason: maybeWords(500),
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

/** Reads a stored mark of any version. @throws UnreadableDocument */
export const readMark = documentReader<Mark>({
  format: 'oyakata-mark',
  version: 2,
  schema: markSchema,
  lifts: { 1: liftMark1 },
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
