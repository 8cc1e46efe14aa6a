import type { Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { Judgement } from '../mark-line';
import { answersGiven } from './facts/answers-given';

/** What each wrong try costs; found at last is worth something (common practice: working it out again is the aim). */
const EACH_WRONG_TRY = 0.25;
const LEAST_FOUND = 0.25;

/** One line for each question of the worksheet: found at once, found after some tries, told, or never answered. */
export function judgeWorksheet(sheet: Sheet, entries: readonly Entry[]): Judgement[] {
  return answersGiven(sheet, entries).map(({ question, tries, found, told }) => {
    const first = tries.findIndex(({ judged }) => judged.right);
    const wrong = first < 0 ? tries.length : first;
    const slips = [...new Set(tries.flatMap(({ judged }) => (judged.slip === null ? [] : [judged.slip])))];
    const named = slips.length === 0 ? '' : ` Slips: ${slips.join(', ')}.`;
    // What was told first was not found.
    const toldFirst = told && !found;
    return {
      id: `worksheet:${question.id}`,
      title: question.title,
      evidence: tries.map(({ entry }) => entry.id),
      share: first < 0 ? 0 : Math.max(LEAST_FOUND, 1 - EACH_WRONG_TRY * wrong),
      reason: toldFirst
        ? `Given up and told, after ${wrong} tries.${named}`
        : first < 0
          ? 'Not found.'
          : wrong === 0
            ? 'Found at the first try.'
            : `Found at try ${wrong + 1}.${named}`,
    };
  });
}
