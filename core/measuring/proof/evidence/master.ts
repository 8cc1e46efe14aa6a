import type { EvidenceData } from './evidence-data';

export const masterEvidence = {
  id: 'master',
  name: () => 'The shop’s own master',
  recordedAs: 'trial',
  strength: 'middling',
  gauges: () => ['master'],
  gives: () => 'Near the size of that master.',
} as const satisfies EvidenceData;
