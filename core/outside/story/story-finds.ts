import type { Sheet, SheetProof } from '@/core/exercise/sheet/sheet';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { StoryRecord } from './story-record';

/** The evidence that is named, or the first that is recorded so; null where the plan has none. */
export function proofEvidence(
  { proof }: Sheet,
  recordedAs: 'measurement' | 'trial',
  named: unknown,
): SheetProof | null {
  const fitting = proof.filter(({ kind }) => EVIDENCE_DATA[kind].recordedAs === recordedAs);
  return (
    (named === undefined || named === null ? fitting[0] : fitting.find(({ id }) => id === named)) ?? null
  );
}

/** Whether it is a hold point of the sheet. */
export const standsToSign = ({ sheet }: StoryRecord, id: string): boolean =>
  [...sheet.steps, ...sheet.stops].some((point) => point.id === id && point.hold) ||
  sheet.steps.some((step) => step.id === id && step.kind === 'sign-off');
