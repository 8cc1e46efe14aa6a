import type { EvidenceData } from './evidence-data';

export const sampleEvidence = {
  id: 'sample',
  name: () => 'Like the sample',
  recordedAs: 'trial',
  strength: 'weak',
  gives: () => 'As near as the sample was made.',
} as const satisfies EvidenceData;
