import type { EventData } from './event-data';

export const gaugeWrong = {
  id: 'gauge-wrong',
  group: 'work',
  name: 'Gauge or nut was itself wrong',
  then: 'Undo or strike out what it told, and try with a good one.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
