import type { EventData } from './event-data';

export const takenOut = {
  id: 'taken-out',
  group: 'work',
  name: 'Taken out between centres, put back by its marks',
  then: 'Centre clean, slot and tip matched, dog on its pin, pin tight. Go on.',
  effect: 'none',
  fault: 'none',
  only: 'dog',
} as const satisfies EventData;
