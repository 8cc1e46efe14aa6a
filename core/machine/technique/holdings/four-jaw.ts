import type { HoldingData } from './holding-data';

/** A four-jaw chuck, dialled in. */
export const fourJawHolding = {
  id: 'four-jaw',
  option: 'Four-jaw',
  offered: null,
  sides: ['external', 'internal'],
  tailstock: false,
  dog: false,
  support: 'cantilever',
  onNose: 'chuck',
  unscrews: true,
  nearest: 'jaws',
  hold: () => 'Dial it in by opposite jaws; all four tight at the end, and dialled once more.',
  hazardOfStep: () => 'Jaws that stand out strike: turn by hand once before the spindle is live.',
  hazards: ['Jaws that stand out strike: turn by hand once before the spindle is live.'],
  fromAbove: 'four-jaw chuck',
  drawn: { jaws: true, label: 'four-jaw, dialled in', parallels: false },
} as const satisfies HoldingData;
