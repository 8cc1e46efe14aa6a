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
    return {
      question,
      tries,
      found: tries.some(({ judged }) => judged.right),
      told: own.some(({ content }) => content.told),
    };
  });
}
