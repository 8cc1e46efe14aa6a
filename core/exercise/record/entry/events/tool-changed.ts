import type { EventData } from './event-data';

export const toolChanged = {
  id: 'tool-changed',
  group: 'zeros',
  name: 'Tool changed or ground',
  then: 'Pick the thread up: nest the new tool in the groove, both zeros anew.',
  effect: 'new-zero',
  fault: 'none',
} as const satisfies EventData;
