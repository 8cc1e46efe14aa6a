import type { EventData } from './event-data';

export const firstChip = {
  id: 'first-chip',
  group: 'zeros',
  name: 'First chip seen',
  then: 'The gap of the zero is known now.',
  effect: 'none',
  fault: 'none',
  value: 'reading',
  tellsGap: true,
} as const satisfies EventData;
