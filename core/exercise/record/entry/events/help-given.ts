import type { EventData } from './event-data';

export const helpGiven = {
  id: 'help-given',
  group: 'work',
  name: 'Help or a hint was given',
  then: 'Say by whom, and what. It costs nothing by itself.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
