import type { ZeroWay } from './choices';

/** How a zero is taken, as it is chosen on screen. */
export const ZERO_TEXTS: Readonly<Record<ZeroWay, string>> = {
  dye: 'On dye',
  metal: 'On metal',
  paper: 'Paper between',
  short: 'Short of touching',
  scratch: 'After the scratch',
};
