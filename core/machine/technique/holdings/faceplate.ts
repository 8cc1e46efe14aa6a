import type { HoldingData } from './holding-data';

/** Clamped to a faceplate. */
export const faceplateHolding = {
  id: 'faceplate',
  option: 'Faceplate',
  offered: null,
  sides: ['external', 'internal'],
  tailstock: false,
  dog: false,
  support: 'cantilever',
  onNose: 'chuck',
  unscrews: true,
  nearest: 'clamps',
  hold: () => 'Clamped over its supports, balanced, dialled in.',
  hazardOfStep: () =>
    'Clamps and weights stand out, and what is out of balance shakes: turn by hand once, low speed.',
  hazards: ['Clamps and weights stand out: turn by hand once, low speed, out of balance work shakes.'],
  fromAbove: 'faceplate',
  drawn: { jaws: false, label: 'faceplate, clamped', parallels: false },
} as const satisfies HoldingData;
