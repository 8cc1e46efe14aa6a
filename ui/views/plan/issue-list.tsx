'use client';

import { stageOf, type PlanStageId } from '@/core/exercise/plan/draft';
import { usePlanning } from '@/ui/parts/plan-fields/planning-context';
import { stageTitle } from './stage-results';

/** What still stands in the way of a whole plan; each line leads to its field. */
export function IssueList({ onGo }: { onGo: (stage: PlanStageId) => void }) {
  const { read } = usePlanning();
  return (
    <ul className="grid gap-1">
      {read.issues.map((issue) => (
        <li key={`${issue.field}-${issue.message}`}>
          <button
            type="button"
            onClick={() => onGo(stageOf(issue.field))}
            className="min-h-9 text-left underline decoration-dotted underline-offset-3"
          >
            <strong className="font-semibold">
              {stageTitle(stageOf(issue.field), read.evaluation.thread)}:
            </strong>{' '}
            {issue.message}
          </button>
        </li>
      ))}
    </ul>
  );
}
