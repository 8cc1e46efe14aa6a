import type Fraction from 'fraction.js';
import type { Advance } from '../gearing/advance';

/** What the arithmetic of a thread dial needs: its gear, the lead screw, and the lead that is cut. */
export interface DialGearing {
  screw: Advance;
  gearTeeth: number;
  lead: Advance;
}

/**
 * After how many turns of the lead screw the half nut finds the same groove again: the least whole number of its
 * pitches that is a whole number of leads. Exact.
 * @example 13 TPI on a screw of 8 TPI: 8 turns; 11 1/2 TPI: 16 turns
 */
export function turnsToRepeat({ screw, lead }: Pick<DialGearing, 'screw' | 'lead'>): number {
  return Number(screw.mm.div(lead.mm).d);
}

/** Whether a whole turn of the dial brings the groove back; without that no mark stays safe from one round to the next. */
export function dialRepeats(gearing: DialGearing): boolean {
  return gearing.gearTeeth % turnsToRepeat(gearing) === 0;
}

/** Turns of the lead screw from the first mark of a dial to a place on it, given as a part of the dial's turn. */
export function screwTurnsTo(at: Fraction, gearTeeth: number): Fraction {
  return at.mul(gearTeeth);
}
