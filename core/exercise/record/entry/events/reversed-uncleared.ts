import type { EventData } from './event-data';

export const reversedUncleared = {
  id: 'reversed-uncleared',
  group: 'drive',
  name: 'Reversed without clearing the tool',
  then: 'Look at flank and tip; a pass at no infeed shows whether both are sound.',
  effect: 'none',
  asksPassAtNoInfeed: true,
  fault: 'slip',
  asks: 'Did the tool touch the work?',
} as const satisfies EventData;
