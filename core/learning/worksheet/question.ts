import type { InferType } from 'yup';
import {
  figure,
  listOf,
  maybeFigure,
  maybeOneOf,
  oneOf,
  part,
  whole,
  words,
} from '@/core/base/documents/parts';
import { WORKSHEET_ASKS } from './asks';

const QUESTION_KINDS = ['figure', 'marks', 'order', 'safe'] as const;

/**
 * One question of a worksheet with what is right, as it is frozen in a sheet. Whoever has to find it is given the
 * question without `expected`, `wanted` and `before`.
 */
export const worksheetQuestionSchema = part({
  id: oneOf(WORKSHEET_ASKS),
  title: words(80).min(1),
  kind: oneOf(QUESTION_KINDS),
  /** What it follows from, in words and figures. */
  givens: listOf(part({ name: words(60), value: words(120) }), 12),
  unit: maybeOneOf(['in', 'mm', '°', 'rpm'] as const),
  /** Of a figure: what is right, how close an answer has to come, and with how many decimals it is shown. */
  expected: maybeFigure(),
  tolerance: figure(0),
  decimals: whole(0, 6),
  /** To choose from, or to put in order. */
  options: listOf(words(160), 20),
  /** Of marks and of what is safe: the options that are right. Of an order: one that is. */
  wanted: listOf(words(160), 20),
  /**
   * Of an order: what must come before what, and why; any order that keeps to it is right. Of what is safe: what is said
   * where the first is chosen wrongly.
   */
  before: listOf(part({ first: words(160), then: words(160), why: words(200) }), 20),
});

export type WorksheetQuestion = InferType<typeof worksheetQuestionSchema>;

/** A question as it is put: nothing of what is right. */
export type PutQuestion = Omit<WorksheetQuestion, 'expected' | 'wanted' | 'before'>;

export function putQuestion({
  id,
  title,
  kind,
  givens,
  unit,
  tolerance,
  decimals,
  options,
}: WorksheetQuestion): PutQuestion {
  return { id, title, kind, givens, unit, tolerance, decimals, options };
}
