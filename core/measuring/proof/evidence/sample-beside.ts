import type { EvidenceData } from './evidence-data';

export const sampleBesideEvidence = {
  id: 'sample-beside',
  name: () => 'Like a sample beside it',
  recordedAs: 'yes-no',
  strength: 'hint',
  gives: () => 'Crest and form by eye, flanks by the fingernail. It is no mate: nothing is said of the size.',
} as const satisfies EvidenceData;
