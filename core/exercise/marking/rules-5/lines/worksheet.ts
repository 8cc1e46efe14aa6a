import { answersGiven } from '../../rules-2/facts/answers-given';
import { shareAt, shareOf, type Fall } from '../../fall';
import { notSeen, type Judged, type LineKind } from '../line-kind';

const USUAL: Fall = {
  by: 'steps',
  band: null,
  steps: [
    { upTo: 0, share: 1 },
    { upTo: 1, share: 0.75 },
    { upTo: 2, share: 0.5 },
    { upTo: 1000, share: 0.25 },
  ],
  cases: [{ when: 'told', share: 0.25 }],
  levels: [],
};

/** A question of the worksheet: by the wrong tries before the right answer; told and then answered by its own share. */
export const worksheetLine: LineKind = {
  kind: 'worksheet',
  section: 'worksheet',
  judges: 'A question of the worksheet: how many tries it took, or that it was told',
  usual: USUAL,
  falls: ['steps'],
  counts: 'wrong tries before the right answer',
  cases: { told: 'Told, then answered' },
  asked: ({ worksheet }) => worksheet.map(({ id }) => id),
  title: ({ worksheet }, id) => worksheet.find((question) => question.id === id)?.title ?? id,
  judge({ sheet, entries, at }, { fall }, id): Judged {
    const given = answersGiven(sheet, entries).find(({ question }) => question.id === id);
    if (given === undefined || (given.tries.length === 0 && !given.told))
      return notSeen('Not seen: no answer was given.');
    const { tries, told, toldAt } = given;
    const found = tries.findIndex(({ judged }) => judged.right);
    const first = tries[found]?.entry;
    const wrong = found < 0 ? tries.length : found;
    const slips = [...new Set(tries.flatMap(({ judged }) => (judged.slip === null ? [] : [judged.slip])))];
    const named = slips.length === 0 ? '' : ` Slips: ${slips.join(', ')}.`;
    const evidence = tries.map(({ entry }) => entry.id);
    const copied = told && (first === undefined || (toldAt !== null && at(first) > toldAt));
    const share = copied
      ? first === undefined
        ? 0
        : shareOf(fall, 'told')
      : first === undefined
        ? 0
        : shareAt(fall, wrong);
    const reason = copied
      ? first === undefined
        ? 'Told, and not answered.'
        : 'Told, then answered.'
      : first === undefined
        ? 'Not found.'
        : wrong === 0
          ? 'Found at the first try.'
          : `Found at try ${wrong + 1}.`;
    return {
      share,
      reason: `${reason}${named}`,
      ...(share < 1 ? { needed: 'The right figure with fewer wrong tries.' } : {}),
      evidence,
    };
  },
};
