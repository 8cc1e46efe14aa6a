import type { Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { Judgement, MarkCap, MarkLine } from '../mark-line';
import { judgeAll } from '../rules-2';
import { conductOf } from '../rules-2/facts/conduct-of';
import { standingEntries } from '../rules-2/facts/standing-entries';
import { asDone, carryOn } from '../rules-3/as-recorded';
import { saidEnough } from '../rules-3/enough';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { capBy4 } from './caps';
import { judgePassesBy4 } from './judge-passes';
import { judgeResultBy4 } from './judge-result';
import { judgeSetUpBy4 } from './judge-set-up';
import { judgeWorksheetBy4 } from './judge-worksheet';

/**
 * Rules 4: as a good instructor would. A line stands because the plan asks it; asked and not shown is not seen; what was
 * not asked costs nothing and gives nothing; what was cut upon a wrong value is named, whatever was mended later; a part
 * that failed its proof does not pass.
 */
export function judgeBy4(
  sheet: Sheet,
  scheme: Scheme,
  recorded: readonly Entry[],
): { lines: MarkLine[]; cap: MarkCap | null; unlisted: Judgement[] } {
  const entries = asDone(sheet, recorded);
  const conduct = conductOf(sheet, entries, carryOn(sheet));
  const enough = saidEnough(sheet, standingEntries(entries));
  const judged = {
    worksheet: judgeWorksheetBy4(sheet, entries, scheme),
    'set-up': judgeSetUpBy4(sheet, entries, scheme, conduct),
    passes: judgePassesBy4(sheet, entries, scheme, conduct, enough),
    result: judgeResultBy4(sheet, entries, scheme),
  };
  return judgeAll(scheme, entries, judged, capBy4(sheet, entries, scheme));
}
