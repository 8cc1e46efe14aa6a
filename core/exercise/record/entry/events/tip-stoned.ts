import type { EventData } from './event-data';

export const tipStoned = {
  id: 'tip-stoned',
  group: 'zeros',
  name: 'Tip stoned in its place',
  then: 'It is a hair shorter and wider now: measure it, figure anew, and a pass at no infeed first.',
  effect: 'unknown',
  asksPassAtNoInfeed: true,
  fault: 'none',
} as const satisfies EventData;
