import type { EventData } from './event-data';

export const gearingChanged = {
  id: 'gearing-changed',
  group: 'drive',
  name: 'Gearing changed in mid-thread',
  then: 'The next cut would make another thread: set it back and pick the thread up.',
  effect: 'unknown',
  asksZero: true,
  fault: 'breach',
} as const satisfies EventData;
