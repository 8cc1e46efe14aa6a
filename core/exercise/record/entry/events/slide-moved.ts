import type { EventData } from './event-data';

export const slideMoved = {
  id: 'slide-moved',
  group: 'zeros',
  name: 'A parked slide has moved',
  then: 'Back against its slack, and lock it. How deep the tool stands is not known: measure before you cut on.',
  effect: 'unknown',
  fault: 'none',
} as const satisfies EventData;
