import { predict, type Entry } from '../record';
import type { Sheet } from '../sheet';
import { judgeLooks } from './judge-looks';
import { judgePasses } from './judge-passes';
import { judgeResult } from './judge-result';
import { judgeWorksheet } from './judge-worksheet';
import { criticalBreach, judgeSetUp } from './judge-set-up';
import { shareOut, type MarkProposal } from './mark-line';
import { RULES, type Scheme } from './scheme';

/**
 * Proposes a mark for an attempt from its sheet, its scheme and the record alone, a reason and the evidence on every
 * line. The same three give the same proposal at any time.
 */
export function proposeMark(sheet: Sheet, scheme: Scheme, entries: readonly Entry[]): MarkProposal {
  const prediction = predict(sheet, entries);
  const judged: Record<string, ReturnType<typeof judgeResult>> = {
    worksheet: judgeWorksheet(sheet, entries),
    'set-up': judgeSetUp(sheet, prediction.steps, entries, scheme),
    passes: judgePasses(sheet, prediction, entries, scheme),
    result: judgeResult(sheet, entries, scheme),
  };
  const lines = scheme.sections.flatMap(({ id }) =>
    shareOut(scheme, id, [...(judged[id] ?? []), ...judgeLooks(entries, scheme, id)]),
  );
  const cap = criticalBreach(prediction.steps, entries, scheme);
  const sum = lines.reduce((all, line) => all + line.proposed, 0);
  return {
    sections: scheme.sections.map(({ id, title }) => ({ id, title })),
    lines,
    cap,
    total: Math.min(sum, cap?.most ?? Infinity),
    blocked: blockOf(prediction.unknown, scheme),
  };
}

function blockOf(unknown: readonly Entry[], scheme: Scheme): string | null {
  if (scheme.rules > RULES)
    return `This scheme is made for rules ${scheme.rules}, which this release does not know. Update the program, then mark.`;
  return unknown.length === 0
    ? null
    : 'The record holds entries of a kind that this release does not know. Update the program, then mark.';
}
