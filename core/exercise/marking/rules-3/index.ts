import type { Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import type { Judgement, MarkCap, MarkLine } from '../mark-line';
import { judgeWith } from '../rules-2';
import { judgePasses } from '../rules-2/judge-passes';
import { conductOf, type Conduct } from '../rules-2/facts/conduct-of';
import { standingEntries } from '../rules-2/facts/standing-entries';
import type { OlderScheme as Scheme } from '../older/older-scheme';
import { asDone, carryOn } from './as-recorded';
import { rowsAskedFor, saidEnough } from './enough';

/**
 * Rules 3: as rules 2, but whoever stopped because the size was reached has kept the rows and the spring passes that were
 * left, and new zeros in the groove carry the plan on. Frozen with the facts that they read.
 */
export function judgeBy3(
  sheet: Sheet,
  scheme: Scheme,
  recorded: readonly Entry[],
): { lines: MarkLine[]; cap: MarkCap | null; unlisted: Judgement[] } {
  const entries = asDone(sheet, recorded);
  const conduct = conductOf(sheet, entries, carryOn(sheet));
  const enough = saidEnough(sheet, standingEntries(entries));
  const asked = enough === null ? conduct : { ...conduct, passes: rowsAskedFor(conduct) };
  // Said on the way, or with rows left: not the last measurement of somebody who left the spring passes out.
  const early = enough !== null && (enough.onTheWay || feeding(asked) < feeding(conduct));
  const passes = judgePasses(sheet, asked, entries, scheme).map((line) =>
    early && line.id === 'passes:spring' ? notWanted(line, enough.entry.id) : line,
  );
  return judgeWith(sheet, scheme, entries, passes);
}

const feeding = ({ passes }: Pick<Conduct, 'passes'>) =>
  passes.filter(({ kind }) => kind !== 'spring').length;

/** Spring passes are for a size that is not reached yet; those that were taken all the same are as good. */
function notWanted(line: Judgement, entryId: string): Judgement {
  return {
    ...line,
    share: 1,
    reason: `${line.reason} Size was reached: none more was wanted.`,
    evidence: line.evidence.length === 0 ? [entryId] : line.evidence,
  };
}
