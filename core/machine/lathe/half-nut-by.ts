import type { Advance } from '../gearing/advance';
import { turnsToRepeat } from '../thread-dial/repeat';
import { dialFor, type NoDial } from './dial-for';
import type { Lathe } from './lathe';
import { screwOf } from './screw-of';

/**
 * How the half nut of a lathe finds a thread again: at any place, since every pitch of the screw is a whole number of
 * leads; by the dial; as far as it is known; or not at all.
 */
export type HalfNutBy = { can: true; by: 'any-place' | 'dial' | 'not-known' } | { can: false; why: NoDial };

/** Answers that were given: a plan asks for the same lead with every key stroke, and a lathe never changes in place. */
const known = new WeakMap<Lathe, Map<string, HalfNutBy>>();

export function halfNutBy(lathe: Lathe, lead: Advance): HalfNutBy {
  const ofLathe = known.get(lathe) ?? new Map<string, HalfNutBy>();
  known.set(lathe, ofLathe);
  const key = `${lead.system} ${lead.mm.toFraction()}`;
  const answer = ofLathe.get(key) ?? answerFor(lathe, lead);
  ofLathe.set(key, answer);
  return answer;
}

function answerFor(lathe: Lathe, lead: Advance): HalfNutBy {
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
