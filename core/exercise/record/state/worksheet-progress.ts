import { slipCaseOf } from '../../sheet/sheet-worksheet';
import type { Sheet } from '../../sheet/sheet';
import { judgeAnswer, type Judged } from '@/core/learning/worksheet/judge-answer';
import { putQuestion, type PutQuestion, type WorksheetQuestion } from '@/core/learning/worksheet/question';
import { isKind, liveEntries, type Entry, type EntryOf } from '../entry/entry';

/** A question with the tries at it. */
export interface QuestionProgress {
  question: WorksheetQuestion;
  tries: { entry: EntryOf<'worksheet'>; judged: Judged }[];
  found: boolean;
  /** Given up: what is right was told. */
  told: boolean;
}

/** The worksheet of a sheet against a record. It is open when every question is found or told; without questions at once. */
export function worksheetProgress(
  sheet: Sheet,
  entries: readonly Entry[],
): { questions: QuestionProgress[]; open: boolean } {
  if (sheet.worksheet.length === 0) return { questions: [], open: true };
  const slipCase = slipCaseOf(sheet);
  const mine = liveEntries(entries).filter(isKind('worksheet'));
  // With the first hand-in everything was shown, also when it was struck out later: told is told.
  const shownFrom = entries.findIndex(isKind('hand-in'));
  const before = new Set(shownFrom < 0 ? mine : entries.slice(0, shownFrom));
  const questions = sheet.worksheet.map((question): QuestionProgress => {
    const own = mine.filter(({ content }) => content.question === question.id);
    const tries = own
      .filter(({ content }) => !content.told)
      .map((entry) => ({ entry, judged: judgeAnswer(question, slipCase, entry.content.answer) }));
    const found = tries.some(({ entry, judged }) => judged.right && before.has(entry));
    return {
      question,
      tries,
      found,
      told: own.some(({ content }) => content.told) || (shownFrom >= 0 && !found),
    };
  });
  return { questions, open: questions.every(({ found, told }) => found || told) };
}

/** A worksheet as a student may see it: what is right stands only where it was found or told. */
export interface WorksheetShown {
  open: boolean;
  questions: (PutQuestion & {
    tries: { answer: string; right: boolean; says: string }[];
    /** What is right, in words, once it is found or told. */
    right: string | null;
    found: boolean;
  })[];
}

export function worksheetShown(sheet: Sheet, entries: readonly Entry[]): WorksheetShown {
  const { questions, open } = worksheetProgress(sheet, entries);
  return {
    open,
    questions: questions.map(({ question, tries, found, told }) => ({
      ...putQuestion(question),
      tries: tries.map(({ entry, judged }) => ({
        answer: entry.content.answer,
        right: judged.right,
        says: judged.says,
      })),
      found,
      right: found || told ? rightText(question) : null,
    })),
  };
}

function rightText({ expected, decimals, unit, wanted }: WorksheetQuestion): string {
  if (expected === null) return wanted.join('; ');
  const figures = expected.toFixed(decimals);
  return unit === '°' ? `${figures}°` : `${figures} ${unit ?? ''}`.trim();
}
