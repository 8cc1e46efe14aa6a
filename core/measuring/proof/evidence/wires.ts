import type { EvidenceData } from './evidence-data';

export const wiresEvidence = {
  id: 'wires',
  name: (side) => (side === 'external' ? 'Over wires' : 'Over balls'),
  recordedAs: 'measurement',
  strength: 'strong',
  gauges: () => ['wires'],
  gives: () => 'The pitch diameter with its uncertainty.',
} as const satisfies EvidenceData;
