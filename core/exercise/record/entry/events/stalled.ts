import type { EventData } from './event-data';

export const stalled = {
  id: 'stalled',
  group: 'drive',
  name: 'Spindle stalled',
  then: 'Tool out before it starts again. Look at the tip; then a smaller infeed.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
