import { deriveAttempt, liveEntries, type Entry } from '../attempt';
import type { DerivedPlan } from '../plan';
import { judgePasses } from './judge-passes';
import { judgeResult } from './judge-result';
import { criticalBreach, judgeSetUp } from './judge-set-up';
import { shareOut, type MarkProposal } from './mark-line';

/**
 * Proposes a mark for an attempt from the plan and the record alone, a reason and the evidence on every line.
 * The same plan and record give the same proposal at any time.
 */
export function proposeMark(derived: DerivedPlan, entries: readonly Entry[]): MarkProposal {
  const live = liveEntries(entries);
  const progress = deriveAttempt(derived, entries, false);
  const { marking } = derived.plan;
  const lines = [
    ...shareOut('set-up', marking.setUp, judgeSetUp(progress, live)),
    ...shareOut('passes', marking.passes, judgePasses(derived, progress)),
    ...shareOut('result', marking.result, judgeResult(derived, entries)),
  ];
  const cap = criticalBreach(progress, live);
  const sum = lines.reduce((all, line) => all + line.proposed, 0);
  return { lines, cap, total: Math.min(sum, cap?.most ?? Infinity) };
}
