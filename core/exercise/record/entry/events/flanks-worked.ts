import type { EventData } from './event-data';

export const flanksWorked = {
  id: 'flanks-worked',
  group: 'by-hand',
  name: 'Flanks filed or chased by hand',
  then: 'Nothing is foretold from here: nut, mate or a measurement decides.',
  effect: 'ends',
  fault: 'none',
  works: 'flanks',
} as const satisfies EventData;
