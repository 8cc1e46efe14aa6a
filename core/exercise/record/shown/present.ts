import type { Advice } from '../advice/advice';
import type { Sheet } from '../../sheet/sheet';
import { toMend } from '../entry/block';
import type { Prediction } from '../state/predict';
import { isDueBy } from '../state/step-due';

/** Where the work stands: at a step, at the whole set-up on one page, or at the passes. */
export type Present = { kind: 'step'; stepId: string } | { kind: 'set-up-page' } | { kind: 'passes' };

/** The first open step before cutting, the check after the scratch, those after the proof; else the passes. */
export function presentOf(
  { way }: Sheet,
  { steps, cuts, blocks, passes }: Prediction,
  { phase }: Pick<Advice, 'phase'>,
  /** A step that is to be looked at before all others; null mostly. */
  first: string | null = null,
): Present {
  const onePage = way.level === 'one-page';
  if (onePage && cuts.length === 0 && toMend(blocks).length > 0) return { kind: 'set-up-page' };
  if (first !== null && cuts.length === 0) return { kind: 'step', stepId: first };
  const open = steps.find(({ step, verdict }) => {
    // A wrong value at a critical step keeps the work there.
    const stays = verdict === 'open' || (verdict === 'wrong' && step.critical);
    if (!stays || (onePage && step.when === 'before-cutting')) return false;
    if (step.when === 'before-cutting') return cuts.length === 0;
    return step.when === 'after-cutting' ? phase === 'after' : isDueBy(step.when, cuts, passes);
  });
  return open === undefined ? { kind: 'passes' } : { kind: 'step', stepId: open.step.id };
}
