import type { Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { Judgement } from '../mark-line';
import { answersGiven } from '../rules-2/facts/answers-given';
import { judgeWorksheet } from '../rules-2/judge-worksheet';
import type { OlderScheme as Scheme } from '../older/older-scheme';

/** As before; but a figure that was told and then copied earns what the scheme gives for told, however few tries it took. */
export function judgeWorksheetBy4(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): Judgement[] {
  const given = answersGiven(sheet, entries);
  return judgeWorksheet(sheet, entries).map((line, index) => {
    const { told, tries = [], toldAt = null } = given[index] ?? {};
    const found = tries.findIndex(({ judged }) => judged.right);
    const first = tries[found]?.entry;
    const copied =
      told === true && (first === undefined || (toldAt !== null && entries.indexOf(first) > toldAt));
    if (copied)
      return {
        ...line,
        share: first === undefined ? 0 : scheme.judging.told,
        reason: `${first === undefined ? 'Told, and not answered.' : 'Told, then answered.'}${slipsIn(line.reason)}`,
      };
    return tries.length === 0 ? { ...line, shown: false, reason: 'Not seen: no answer was given.' } : line;
  });
}

/** The slips that the reason of before names. */
const slipsIn = (reason: string): string => / Slips: [^.]*\./.exec(reason)?.[0] ?? '';
