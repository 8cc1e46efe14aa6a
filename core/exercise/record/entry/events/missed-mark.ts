import type { EventData } from './event-data';

export const missedMark = {
  id: 'missed-mark',
  group: 'drive',
  name: 'Missed the dial mark, waited for the next',
  then: 'Right so. Go on.',
  effect: 'none',
  fault: 'none',
  only: 'marks',
} as const satisfies EventData;
