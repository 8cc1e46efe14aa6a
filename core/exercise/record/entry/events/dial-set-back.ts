import type { EventData } from './event-data';

export const dialSetBack = {
  id: 'dial-set-back',
  group: 'zeros',
  name: 'Dial ring had turned, set back to where it stood',
  then: 'Right so, as long as you know the figure: the readings stand. Not sure? Nest the tool in the groove, zeros anew.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
