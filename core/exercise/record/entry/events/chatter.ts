import type { EventData } from './event-data';

export const chatter = {
  id: 'chatter',
  group: 'drive',
  name: 'Chatter: marks or noise',
  then: 'Tool and post tight, less stick-out, slower, oil; then a pass at no infeed.',
  effect: 'none',
  asksPassAtNoInfeed: true,
  fault: 'none',
} as const satisfies EventData;
