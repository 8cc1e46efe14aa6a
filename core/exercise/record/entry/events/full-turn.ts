import type { EventData } from './event-data';

export const fullTurn = {
  id: 'full-turn',
  group: 'zeros',
  name: 'A full turn off, noticed before the cut',
  then: 'Back by the turn and past the slack, then in again. Nothing was cut: the readings stand.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
