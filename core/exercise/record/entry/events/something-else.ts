import type { EventData } from './event-data';

export const somethingElse = {
  id: 'something-else',
  group: 'work',
  name: 'Something else',
  then: 'Say it in your words. Not sure whether to cut on? Raise a hand first.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
