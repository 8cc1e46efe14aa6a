import type { EventData } from './event-data';

export const slackTakenUp = {
  id: 'slack-taken-up',
  group: 'zeros',
  name: 'Slack taken up before the cut',
  then: 'Right so: in from the same side as for the zero. The readings stand.',
  effect: 'none',
  fault: 'none',
} as const satisfies EventData;
