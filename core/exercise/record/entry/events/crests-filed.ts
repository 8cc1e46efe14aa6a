import type { EventData } from './event-data';

export const crestsFiled = {
  id: 'crests-filed',
  group: 'by-hand',
  name: 'Crests filed',
  then: 'Measure the crests again. The pitch diameter stands.',
  effect: 'none',
  fault: 'none',
  value: 'crest',
  works: 'crests',
} as const satisfies EventData;
