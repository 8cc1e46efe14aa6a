import type { HoldingData } from './holding-data';

/** Between centres, driven by a dog: the part can come out and go back by its marks. */
export const betweenCentresHolding = {
  id: 'between-centres',
  option: 'Between centres',
  offered: 'between centres',
  sides: ['external'],
  tailstock: true,
  dog: true,
  support: 'between-centres',
  onNose: 'plate',
  unscrews: false,
  nearest: 'dog',
  hold: () =>
    'Centres clean and in line, dog tight, its tip on the driving pin. Mark slot and dog tip: so it comes back the same way.',
  hazardOfStep: () =>
    'The dog swings: sleeves and hands clear of it. Heat lengthens the part: look at the centre again after heavy passes.',
  hazards: ['The dog swings: sleeves and hands clear of it.'],
  fromAbove: 'driving plate',
  drawn: { jaws: false, label: null, parallels: false },
} as const satisfies HoldingData;
