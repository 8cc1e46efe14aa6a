import type { EventData } from './event-data';

export const offMark = {
  id: 'off-mark',
  group: 'drive',
  name: 'Half nut closed off the dial mark',
  then: 'Look for a second groove before you cut on.',
  effect: 'none',
  fault: 'slip',
  besideMark: true,
  asks: 'Did the tool touch the work?',
  only: 'marks',
} as const satisfies EventData;
