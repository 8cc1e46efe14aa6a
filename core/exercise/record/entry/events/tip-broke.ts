import type { EventData } from './event-data';

export const tipBroke = {
  id: 'tip-broke',
  group: 'work',
  name: 'Tip broke or chipped',
  then: 'Stop. Look for the piece in the groove. A new tip is picked up in the thread; then measure.',
  effect: 'unknown',
  asksZero: true,
  fault: 'none',
} as const satisfies EventData;
