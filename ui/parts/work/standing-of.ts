import type { StepVerdict } from '@/core/exercise/record/state/step-progress';
import type { Standing } from '@/ui/kit/state-mark';

export function standingOf(verdict: StepVerdict): Standing {
  return ({ open: 'open', done: 'done', right: 'good', wrong: 'bad', 'not-done': 'attend' } as const)[
    verdict
  ];
}
