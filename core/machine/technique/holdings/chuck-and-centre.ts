import type { HoldingData } from './holding-data';

/** A chuck, the free end on the tailstock’s centre. */
export const chuckAndCentreHolding = {
  id: 'chuck-and-centre',
  option: 'Chuck and centre',
  offered: null,
  sides: ['external'],
  tailstock: true,
  dog: false,
  support: 'propped',
  onNose: 'chuck',
  unscrews: true,
  nearest: 'jaws',
  hold: (_external, through) =>
    `${through ? 'Held by its end, off the jaws by the room behind it' : 'Shoulder against the jaws'}, tailstock centre in, quill short and locked.`,
  hazardOfStep: (direction) =>
    direction === 'away-from-headstock'
      ? 'Mind the live centre: the tool runs toward it while it cuts.'
      : 'Mind the live centre: the tool comes back toward it.',
  hazards: ['Live centre and tool can collide on the return.'],
  fromAbove: 'chuck',
  drawn: { jaws: true, label: null, parallels: false },
} as const satisfies HoldingData;
