import type { EventData } from './event-data';

export const pickedUp = {
  id: 'picked-up',
  group: 'zeros',
  name: 'Thread picked up again',
  then: 'Half nut closed, slack out, tool nested in the groove, both zeros anew.',
  effect: 'new-zero',
  fault: 'none',
} as const satisfies EventData;
