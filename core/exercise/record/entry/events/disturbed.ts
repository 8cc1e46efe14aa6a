import type { EventData } from './event-data';

export const disturbed = {
  id: 'disturbed',
  group: 'work',
  name: 'Part disturbed, re-seated',
  then: 'One pass at no infeed: it shows whether the tool still runs in its groove.',
  effect: 'unknown',
  fault: 'slip',
  asksPassAtNoInfeed: true,
} as const satisfies EventData;
