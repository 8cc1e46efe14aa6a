import type { EvidenceData } from './evidence-data';

export const sampleEvidence = {
  id: 'sample',
  name: () => 'Like the sample',
  recordedAs: 'trial',
  strength: 'weak',
  // A sample is set beside the part, it does not go on: that is the evidence beside this one.
  offered: false,
  gives: () => 'As near as the sample was made.',
} as const satisfies EvidenceData;
