import type { EvidenceData } from './evidence-data';

export const mateEvidence = {
  id: 'mate',
  name: () => 'The mating part',
  recordedAs: 'trial',
  strength: 'weak',
  gives: () => 'Fits this part, and says nothing of the class.',
} as const satisfies EvidenceData;
