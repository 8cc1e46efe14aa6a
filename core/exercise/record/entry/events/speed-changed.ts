import type { EventData } from './event-data';

export const speedChanged = {
  id: 'speed-changed',
  group: 'drive',
  name: 'Speed changed',
  then: 'Allowed: belt or lever, never the gearbox of the screw.',
  effect: 'none',
  fault: 'none',
  value: 'speed',
} as const satisfies EventData;
