import type { EvidenceData } from './evidence-data';

export const nutEvidence = {
  id: 'nut',
  name: (side) => (side === 'external' ? 'Nut' : 'Plug bolt'),
  recordedAs: 'trial',
  strength: 'weak',
  gauges: (side) => (side === 'external' ? ['nut'] : ['plug']),
  gives: (side) =>
    `A bracket for the pitch diameter; the ${side === 'external' ? 'nut' : 'bolt'} takes threads that are out of class too.`,
} as const satisfies EvidenceData;
