import type { EvidenceData } from './evidence-data';

export const registerEvidence = {
  id: 'register',
  name: () => 'Register diameter',
  recordedAs: 'value',
  strength: 'strong',
  gives: () => 'The diameter that locates the part.',
} as const satisfies EvidenceData;
