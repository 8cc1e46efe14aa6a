import type { HoldingData } from './holding-data';

/** A three-jaw chuck alone. */
export const chuckHolding = {
  id: 'chuck',
  option: 'Chuck',
  offered: null,
  sides: ['external', 'internal'],
  tailstock: false,
  dog: false,
  support: 'cantilever',
  onNose: 'chuck',
  unscrews: true,
  nearest: 'jaws',
  hold: (external, through) =>
    external
      ? `Short out of the jaws${through ? '' : ', a shoulder against them'}; jaws tight, running true.`
      : `Work ${through ? 'off the jaws by the room behind it' : 'home against the jaws'}, running true; tailstock out of the way.`,
  hazardOfStep: () => null,
  hazards: [],
  fromAbove: 'chuck',
  drawn: { jaws: true, label: null, parallels: false },
} as const satisfies HoldingData;
