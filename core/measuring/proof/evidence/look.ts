import type { EvidenceData } from './evidence-data';

export const lookEvidence = {
  id: 'look',
  name: () => 'Look',
  recordedAs: 'look',
  strength: 'hint',
  gives: () => 'Form, finish and burrs, as they are seen.',
} as const satisfies EvidenceData;
