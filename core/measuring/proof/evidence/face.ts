import type { EvidenceData } from './evidence-data';

export const faceEvidence = {
  id: 'face',
  name: () => 'Seats on the face, no shake',
  recordedAs: 'yes-no',
  strength: 'middling',
  gives: () => 'The face, and not the thread, bottoms.',
} as const satisfies EvidenceData;
