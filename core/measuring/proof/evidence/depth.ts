import type { EvidenceData } from './evidence-data';

export const depthEvidence = {
  id: 'depth',
  name: () => 'Depth on the dial',
  recordedAs: 'nothing',
  strength: 'hint',
  gives: () => 'A hint, no proof: tip and zero decide with it.',
} as const satisfies EvidenceData;
