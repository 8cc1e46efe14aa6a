import { isKind, type Entry } from '../../../record/entry/entry';
import { kindOfEntry } from '../../../record/entry/read-stored-entry';
import { band, shareAt } from '../../fall';
import { notSeen, type LineKind } from '../line-kind';

const at = ({ serverTime }: Entry) => Date.parse(serverTime);

/**
 * From the first work to the hand-in, by the server's clock, less what was waited at hold points: from the last entry before
 * a signature to the signature. Only where the scheme asks for it, with the minutes that it gives.
 */
export const timeLine: LineKind = {
  kind: 'time',
  section: 'passes',
  judges: 'The time of the try, without what was waited for a signature',
  usual: band(1, 2),
  falls: ['band', 'steps'],
  counts: 'times the minutes given',
  figure: 'Minutes given',
  asked: () => [''],
  title: () => 'Time',
  judge({ live }, { fall, figure }) {
    const begun = live.find((entry) => kindOfEntry(entry)?.beginsWork === true);
    const ended = live.findLast(isKind('hand-in'));
    if (figure === null || figure <= 0)
      return { share: null, reason: 'The scheme gives no minutes: out of the sum.', evidence: [] };
    if (begun === undefined || ended === undefined) return notSeen('Not seen: it was not handed in.');
    const waits = live.reduce((sum, entry, index) => {
      const before = live[index - 1];
      return isKind('sign-off')(entry) && before !== undefined ? sum + at(entry) - at(before) : sum;
    }, 0);
    const minutes = (at(ended) - at(begun) - waits) / 60_000;
    const share = shareAt(fall, minutes / figure);
    return {
      share,
      reason: `${Math.round(minutes)} min of ${figure}, ${Math.round(waits / 60_000)} min waited at hold points left out.`,
      ...(share < 1 ? { needed: `${figure} min.` } : {}),
      evidence: [begun.id, ended.id],
    };
  },
};
