import type { EvidenceData } from './evidence-data';

export const runOutEvidence = {
  id: 'run-out',
  name: () => 'Run-out, and the same after remounting',
  recordedAs: 'value',
  strength: 'strong',
  gives: () => 'How true it runs once it is screwed home.',
} as const satisfies EvidenceData;
