import type { Entry, EntryOf } from '../../record/entry/entry';
import { isKind } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import { judgeRows, type RowJudgement } from '../rules-4/judge-passes';
import { conductOf, type Conduct } from '../rules-2/facts/conduct-of';
import { standingEntries } from '../rules-2/facts/standing-entries';
import { asDone, carryOn } from '../rules-3/as-recorded';
import { rowsAskedFor, saidEnough } from '../rules-3/enough';
import type { Scheme } from '../scheme';

/** What sheet and record say, found once for all lines. */
export interface Facts {
  sheet: Sheet;
  scheme: Scheme;
  /** In the order in which it was done. */
  entries: readonly Entry[];
  /** What stands: not struck out, not late. */
  live: readonly Entry[];
  conduct: Conduct;
  /** The same, without the rows that nobody had to cut once the size was reached. */
  asked: Conduct;
  rows: RowJudgement;
  /** The size was reached with rows left, or was said to be reached on the way. */
  early: boolean;
  /** The share of the plan over which the conduct of the passes was seen. */
  covered: number;
  /** Where an entry stands in the record. */
  at: (entry: Entry) => number;
}

export function factsOf(sheet: Sheet, scheme: Scheme, recorded: readonly Entry[]): Facts {
  const entries = asDone(sheet, recorded);
  const live = standingEntries(entries);
  const conduct = conductOf(sheet, entries, carryOn(sheet));
  const enough = saidEnough(sheet, live);
  const asked = enough === null ? conduct : { ...conduct, passes: rowsAskedFor(conduct) };
  const rows = judgeRows(sheet, asked, conduct.judgedCuts, scheme.scheduleGraduations);
  const feeding = ({ passes }: Conduct) => passes.filter(({ kind }) => kind !== 'spring').length;
  const places = new Map(entries.map((entry, index) => [entry, index]));
  return {
    sheet,
    scheme,
    entries,
    live,
    conduct,
    asked,
    rows,
    early: enough !== null && (enough.onTheWay || feeding(asked) < feeding(conduct)),
    covered: rows.planned === 0 ? 0 : Math.min(1, rows.covered / rows.planned),
    at: (entry) => places.get(entry) ?? -1,
  };
}

/** Of several answers at the end the one that the scheme takes: by who gave it. */
export function taken<E extends { author: { role: string } }>(
  { scheme: { measuredBy } }: Facts,
  finals: readonly E[],
): E | undefined {
  if (measuredBy === 'last') return finals.at(-1);
  const isReference = ({ author }: E) => author.role !== 'student';
  const first = measuredBy === 'reference' ? isReference : (entry: E) => !isReference(entry);
  return finals.findLast(first) ?? finals.at(-1);
}

/** Measurements of the end, as they were made. */
export const finalMeasurements = ({ live }: Facts): EntryOf<'measurement'>[] =>
  live.filter(isKind('measurement')).filter(({ content }) => content.purpose === 'final');
