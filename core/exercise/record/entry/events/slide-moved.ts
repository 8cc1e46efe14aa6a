import type { EventData } from './event-data';

export const slideMoved = {
  id: 'slide-moved',
  group: 'zeros',
  name: 'A parked slide has moved',
  then: 'Back against its slack, and lock it. A pass at no infeed shows how the tool stands.',
  effect: 'unknown',
  asksPassAtNoInfeed: true,
  fault: 'none',
} as const satisfies EventData;
