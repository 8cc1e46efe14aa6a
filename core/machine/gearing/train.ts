import Fraction from 'fraction.js';
import type { Advance } from './advance';

/** Gears that drive the lead screw: each driver meshes with the driven gear of the same place; idlers change nothing but the direction. */
export interface Train {
  drivers: readonly number[];
  driven: readonly number[];
}

/** Turns of the last gear for one turn of the first, exact. @example trainRatio({ drivers: [28], driven: [48] }) // 7/12 */
export function trainRatio({ drivers, driven }: Train): Fraction {
  const product = (teeth: readonly number[]) => teeth.reduce((all, each) => all.mul(each), new Fraction(1));
  return product(drivers).div(product(driven));
}

/**
 * Turns of the lead screw for one turn of the spindle that a thread asks of the change gears: lead of the thread over
 * pitch of the screw, less what fixed gears of the machine do.
 */
export function ratioWanted(lead: Advance, screw: Advance, fixedRatio: Fraction): Fraction {
  return lead.mm.div(screw.mm).div(fixedRatio);
}

/** How far a train is off what is wanted, in parts per million of the lead; exact trains give 0. */
export function errorPpm(train: Train, wanted: Fraction): number {
  return trainRatio(train).div(wanted).sub(1).mul(1_000_000).valueOf();
}
