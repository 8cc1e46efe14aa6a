import { isKind, type Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { MarkCap } from '../mark-line';
import { standingEntries } from '../rules-2/facts/standing-entries';
import { criticalBreach } from '../rules-2/judge-set-up';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { failedProof } from './failed-proof';

/** The cap of a scheme for a try that was scrapped, given up, or failed the proof that decides. */
export const PROOF_CAP = 'proof:failed';

/** The lowest cap that binds: a step left out, or a part that is no good. */
export function capBy4(sheet: Sheet, entries: readonly Entry[], scheme: Scheme): MarkCap | null {
  const caps = [criticalBreach(sheet, entries, scheme), failed(sheet, entries, scheme)];
  return caps.reduce(
    (lowest, cap) => (cap !== null && (lowest === null || cap.most < lowest.most) ? cap : lowest),
    null,
  );
}

const ENDED = { scrapped: 'Scrapped', 'given-up': 'Given up' } as const;

function failed(sheet: Sheet, entries: readonly Entry[], { caps }: Scheme): MarkCap | null {
  const cap = caps.find(({ id }) => id === PROOF_CAP);
  if (cap === undefined) return null;
  const how = standingEntries(entries).findLast(isKind('hand-in'))?.content.how;
  const why = how === 'scrapped' || how === 'given-up' ? `${ENDED[how]}.` : failedProof(sheet, entries);
  return why === null ? null : { most: cap.most, reason: `${why} It does not pass: at most ${cap.most}.` };
}
