import type { EventData } from './event-data';

export const zeroForgotten = {
  id: 'zero-forgotten',
  group: 'zeros',
  name: 'Forgot to go back to the zero',
  then: 'That cut was not where the dial says: measure before you cut on.',
  effect: 'unknown',
  fault: 'slip',
} as const satisfies EventData;
