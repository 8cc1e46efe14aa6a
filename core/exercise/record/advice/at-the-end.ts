import type { Reason } from './advice';
import { expectsFor, proofState } from './proof-state';
import type { Decision, WorkAt } from './work-at';

/** Nothing more is to be cut: the proof, then what is done with the finished piece, then it is handed in. */
export function atTheEnd({ sheet, live, prediction }: WorkAt, reached?: Decision): Decision {
  const because: Reason[] = reached?.because ?? ['rows-cut'];
  const warnings = reached?.warnings ?? [];
  const { open: opened, notRight, past } = proofState(sheet, live);
  // A register that is made when the thread is done is made before it is measured.
  const toMake = prediction.steps.find(
    ({ step: { id, when }, verdict }) => id === 'register' && when === 'after-cutting' && verdict === 'open',
  );
  const open = opened.find(({ kind }) => kind !== 'register' || toMake === undefined);
  if (open !== undefined) {
    const expects = expectsFor(sheet, open, true);
    return {
      phase: reached === undefined ? 'prove' : 'enough',
      because: [...because, 'evidence-open'],
      expects,
      warnings,
    };
  }
  if (past) return { phase: 'past-saving', because: ['proof-not-right', ...because], warnings };
  const step = prediction.steps.find(
    ({ step: { when }, verdict }) => when === 'after-cutting' && verdict === 'open',
  );
  if (step !== undefined)
    return {
      phase: 'after',
      because: ['after-step', ...(notRight.length === 0 ? [] : (['proof-not-right'] as const))],
      expects: { do: 'step', id: step.step.id },
      warnings,
    };
  return { phase: 'proven', because: [notRight.length === 0 ? 'all-proven' : 'proof-not-right'], warnings };
}
