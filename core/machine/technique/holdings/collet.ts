import type { HoldingData } from './holding-data';

/** A collet: the drawbar holds it, nothing is screwed onto the nose. */
export const colletHolding = {
  id: 'collet',
  option: 'Collet',
  offered: 'in a collet',
  sides: ['external', 'internal'],
  tailstock: false,
  dog: false,
  support: 'cantilever',
  onNose: 'chuck',
  unscrews: false,
  nearest: 'collet',
  hold: () =>
    'Collet of the right size, drawbar neither loose nor so tight that the lever misses its end; then the stick-out.',
  hazardOfStep: () => null,
  hazards: [],
  fromAbove: 'collet',
  drawn: { jaws: true, label: 'collet', parallels: false },
} as const satisfies HoldingData;
