import { isKind, type Entry, type EntryOf } from '../../../record/entry/entry';
import { slipCaseOf } from '../../../sheet/sheet-worksheet';
import type { Sheet } from '../../../sheet/sheet';
import { judgeAnswer, type Judged } from '@/core/learning/worksheet/judge-answer';
import type { WorksheetQuestion } from '@/core/learning/worksheet/question';
import { standingEntries } from './standing-entries';

/** A question of the worksheet with the tries at it. */
export interface AnswersGiven {
  question: WorksheetQuestion;
  tries: { entry: EntryOf<'worksheet'>; judged: Judged }[];
  found: boolean;
  told: boolean;
  /** Where in the record it was told; null: it was not. */
  toldAt: number | null;
}

export function answersGiven(sheet: Sheet, entries: readonly Entry[]): AnswersGiven[] {
  if (sheet.worksheet.length === 0) return [];
  const slipCase = slipCaseOf(sheet);
  const mine = standingEntries(entries).filter(isKind('worksheet'));
  return sheet.worksheet.map((question) => {
    const own = mine.filter(({ content }) => content.question === question.id);
    const tries = own
      .filter(({ content }) => !content.told)
      .map((entry) => ({ entry, judged: judgeAnswer(question, slipCase, entry.content.answer) }));
    const toldBy = own.find(({ content }) => content.told);
    return {
      question,
      tries,
      found: tries.some(({ judged }) => judged.right),
      told: toldBy !== undefined,
      toldAt: toldBy === undefined ? null : entries.indexOf(toldBy),
    };
  });
}
