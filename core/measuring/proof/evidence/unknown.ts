import type { EvidenceData } from './evidence-data';

export const unknownEvidence = {
  id: 'unknown',
  name: () => 'Evidence of a later release',
  recordedAs: 'nothing',
  strength: 'hint',
  gives: () => 'Not understood until the program is updated; no mark before.',
} as const satisfies EvidenceData;
