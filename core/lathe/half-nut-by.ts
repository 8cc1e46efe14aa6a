import { type Advance } from '../gearing';
import { turnsToRepeat } from '../thread-dial';
import { dialFor, type NoDial } from './dial-for';
import type { Lathe } from './lathe';
import { screwOf } from './screw-of';

/**
 * How the half nut of a lathe finds a thread again: at any place, since every pitch of the screw is a whole number of
 * leads; by the dial; as far as it is known; or not at all.
 */
export type HalfNutBy = { can: true; by: 'any-place' | 'dial' | 'not-known' } | { can: false; why: NoDial };

export function halfNutBy(lathe: Lathe, lead: Advance): HalfNutBy {
  const screw = screwOf(lathe);
  if (screw !== null && turnsToRepeat({ screw, lead }) === 1) return { can: true, by: 'any-place' };
  const dial = dialFor(lathe, lead);
  if (dial.usable) return { can: true, by: 'dial' };
  if (dial.why !== 'not-known') return { can: false, why: dial.why };
  // Without its gear known: no usual dial brings back a thread of the other system (common practice).
  return screw !== null && screw.system !== lead.system
    ? { can: false, why: 'no-safe-mark' }
    : { can: true, by: 'not-known' };
}
