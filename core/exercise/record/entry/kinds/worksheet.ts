import { part, words, yesNo } from '@/core/base/documents/parts';
import { bad, good } from '@/core/base/errors/field-issue';
import { ASK_TITLES, type WorksheetAsk } from '@/core/learning/worksheet/asks';
import { readAnswer } from '@/core/learning/worksheet/judge-answer';
import type { EntryKind } from '../entry-kind';
import { kindOf } from '../kind-of';

export interface WorksheetContent {
  kind: 'worksheet';
  /** The question, by what it asks. */
  question: string;
  /** As typed; of a choice the options, parted by semicolons. Empty where it was told. */
  answer: string;
  /** It was given up, and told. */
  told: boolean;
}

/** A try at a question of the worksheet. How it fared follows from the sheet, which only the server has whole. */
export const worksheetKind: EntryKind<'worksheet', WorksheetContent> = {
  kind: 'worksheet',
  format: 2,
  schema: part({
    kind: kindOf('worksheet'),
    question: words(40).min(1),
    answer: words(2000),
    told: yesNo(),
  }),
  writtenBy: ['student', 'instructor'],
  ofWork: false,
  goesOn: false,
  answersHold: false,
  beginsWork: true,
  needsNetwork: false,
  undoable: true,
  freeText: [],
  read: ({ question = '', answer = '', told }, { sheet }) => {
    const asked = sheet.worksheet.find(({ id }) => id === question);
    if (asked === undefined) return bad('question', 'unreadable', 'The worksheet does not ask this.');
    if (told === 'yes') return good({ kind: 'worksheet', question, answer: '', told: true });
    const problem = readAnswer(asked, answer);
    return problem === null
      ? good({ kind: 'worksheet', question, answer: answer.trim(), told: false })
      : bad('answer', 'unreadable', problem);
  },
  words: ({ question, answer, told }) => ({
    title: `Worksheet: ${Object.hasOwn(ASK_TITLES, question) ? ASK_TITLES[question as WorksheetAsk] : question}`,
    detail: told ? 'given up, told' : answer,
  }),
};
