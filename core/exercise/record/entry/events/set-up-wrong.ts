import type { EventData } from './event-data';

export const setUpWrong = {
  id: 'set-up-wrong',
  group: 'set-up',
  name: 'Set-up found wrong after cutting, mended',
  then: 'Say which step, and record it anew: the cuts before keep what was really set.',
  effect: 'none',
  fault: 'slip',
  ofStep: true,
} as const satisfies EventData;
