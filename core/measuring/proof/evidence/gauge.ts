import type { EvidenceData } from './evidence-data';

export const gaugeEvidence = {
  id: 'gauge',
  name: (side) => (side === 'external' ? 'GO and NO-GO rings' : 'GO and NO-GO plug'),
  recordedAs: 'gauge',
  strength: 'strong',
  gauges: (side) => [side === 'external' ? 'ring' : 'plug'],
  gives: () => 'Inside the limits of the gauge, as the thread works.',
} as const satisfies EvidenceData;
