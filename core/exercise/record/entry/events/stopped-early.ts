import type { EventData } from './event-data';

export const stoppedEarly = {
  id: 'stopped-early',
  group: 'drive',
  name: 'Opened or stopped before the end',
  then: 'The last turns are shallower now: cut once more at the same reading, to the end.',
  effect: 'none',
  asksPassAtNoInfeed: true,
  fault: 'none',
} as const satisfies EventData;
