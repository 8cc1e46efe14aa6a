import type { EventData } from './event-data';

export const zeroLost = {
  id: 'zero-lost',
  group: 'zeros',
  name: 'Zero lost, or slack found; zeros taken anew',
  then: 'Nest the tool in the groove, take both zeros there, go on.',
  effect: 'new-zero',
  fault: 'none',
} as const satisfies EventData;
