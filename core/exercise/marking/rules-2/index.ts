import type { Entry } from '../../record/entry/entry';
import type { Sheet } from '../../sheet/sheet';
import { shareOut, type MarkLine, type Judgement, type MarkCap } from '../mark-line';
import type { Scheme } from '../scheme';
import { conductOf } from './facts/conduct-of';
import { judgeLooks } from './judge-looks';
import { judgePasses } from './judge-passes';
import { judgeResult } from './judge-result';
import { criticalBreach, judgeSetUp } from './judge-set-up';
import { judgeWorksheet } from './judge-worksheet';

/**
 * Rules 1 and 2, with the facts that they read: frozen. A piece is marked by the rules that its scheme names, whatever
 * later releases find better; those stand in a folder of their own.
 */
export function judgeBy2(
  sheet: Sheet,
  scheme: Scheme,
  entries: readonly Entry[],
): { lines: MarkLine[]; cap: MarkCap | null } {
  const conduct = conductOf(sheet, entries);
  const judged: Record<string, Judgement[]> = {
    worksheet: judgeWorksheet(sheet, entries),
    'set-up': judgeSetUp(sheet, entries, scheme),
    passes: judgePasses(sheet, conduct, entries, scheme),
    result: judgeResult(sheet, entries, scheme),
  };
  const lines = scheme.sections.flatMap(({ id }) =>
    shareOut(scheme, id, [...(judged[id] ?? []), ...judgeLooks(entries, scheme, id)]),
  );
  return { lines, cap: criticalBreach(sheet, entries, scheme) };
}
