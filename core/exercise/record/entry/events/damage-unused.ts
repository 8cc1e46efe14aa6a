import type { EventData } from './event-data';

export const damageUnused = {
  id: 'damage-unused',
  group: 'work',
  name: 'Damage where the thread is not used',
  then: 'Say where. It is looked at with the rest.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
