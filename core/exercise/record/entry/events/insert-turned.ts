import type { EventData } from './event-data';

export const insertTurned = {
  id: 'insert-turned',
  group: 'zeros',
  name: 'Insert turned to another corner',
  then: 'No two corners stand alike: nest it in the groove, both zeros anew.',
  effect: 'unknown',
  asksZero: true,
  fault: 'none',
} as const satisfies EventData;
