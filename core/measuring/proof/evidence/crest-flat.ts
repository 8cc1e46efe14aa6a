import type { EvidenceData } from './evidence-data';

export const crestFlatEvidence = {
  id: 'crest-flat',
  name: () => 'Crest flat',
  recordedAs: 'value',
  strength: 'middling',
  gives: () => 'The pitch diameter whatever the tip: d2 = Dm - 1.732 (P/2 - F) for 60°.',
} as const satisfies EvidenceData;
