import type { EvidenceData } from './evidence-data';

export const threadMicrometerEvidence = {
  id: 'thread-micrometer',
  name: () => 'Thread micrometer',
  recordedAs: 'measurement',
  strength: 'strong',
  gauges: () => ['thread-micrometer'],
  gives: () => 'The pitch diameter, read directly.',
} as const satisfies EvidenceData;
