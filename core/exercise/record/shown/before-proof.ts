import { stopSteps } from '@/core/machine/stops/stop-steps';
import { EVIDENCE_DATA } from '@/core/measuring/proof/evidence';
import type { Sheet, SheetProof } from '../../sheet/sheet';

/**
 * What is done before a nut, a piece or a gauge proves the thread for good, in order (common practice): as at a stop, and
 * the crests deburred and measured first, for a burr answers in place of the flanks.
 */
export function beforeProof({ way: { holding }, words }: Sheet, { kind }: SheetProof): string[] {
  const { recordedAs } = EVIDENCE_DATA[kind];
  if (holding === 'unknown' || (recordedAs !== 'trial' && recordedAs !== 'gauge')) return [];
  const check = recordedAs === 'gauge' ? 'gauge' : kind === 'nut' ? 'nut' : 'mate';
  const [off = '', ...rest] = stopSteps(check, holding, words.mate);
  return [off, `Burrs off the crests; measure the ${words.crest}.`, ...rest];
}
