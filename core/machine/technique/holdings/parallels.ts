import type { HoldingData } from './holding-data';

/** In a chuck, set off its jaws on parallels: a bore is cut through. */
export const parallelsHolding = {
  id: 'parallels',
  option: 'Off the jaws, on parallels',
  offered: null,
  sides: ['internal'],
  tailstock: false,
  dog: false,
  support: 'cantilever',
  onNose: 'chuck',
  unscrews: true,
  nearest: 'jaws',
  hold: () =>
    'Set off the jaws on parallels, so that the tool has room to come out behind; jaws tight, running true.',
  hazardOfStep: () => 'Take the parallels out before the spindle turns.',
  hazards: ['Take the parallels out before the spindle turns.'],
  fromAbove: 'chuck',
  drawn: { jaws: true, label: null, parallels: true },
} as const satisfies HoldingData;
