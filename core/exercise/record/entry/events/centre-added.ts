import type { EventData } from './event-data';

export const centreAdded = {
  id: 'centre-added',
  group: 'work',
  name: 'Tailstock centre put in, or taken out',
  then: 'Quill short and locked. The work may lie otherwise now: a pass at no infeed shows it.',
  effect: 'none',
  asksPassAtNoInfeed: true,
  fault: 'none',
} as const satisfies EventData;
