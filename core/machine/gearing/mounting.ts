import type { Train } from './train';

/** What the quadrant of a lathe can hold; null is not known, and then no limit. Counted in teeth: all gears are of one module. */
export interface Mounting {
  /** Least and most sum of the teeth of two gears that mesh: how near and how far the stud can stand. */
  leastPair: number | null;
  mostPair: number | null;
  /** Largest gear that finds room on the first stud, and on the lead screw. */
  mostOnStud: number | null;
  mostOnScrew: number | null;
  /** Teeth that a gear stays clear of the next shaft by, in a compound train (common practice: about 15). */
  clearance: number | null;
}

export const NO_LIMITS: Mounting = {
  leastPair: null,
  mostPair: null,
  mostOnStud: null,
  mostOnScrew: null,
  clearance: null,
};

/**
 * The order in which a train can be mounted, or null. In a compound train the first driven gear shares its stud with the
 * second driver: the first must stay clear of the screw's shaft, the second of the stud's (common practice, by pitch
 * radii).
 */
export function mounted(train: Train, mounting: Mounting): Train | null {
  for (const drivers of orders(train.drivers))
    for (const driven of orders(train.driven))
      if (fits({ drivers, driven }, mounting)) return { drivers, driven };
  return null;
}

function orders(teeth: readonly number[]): (readonly number[])[] {
  const [a, b] = teeth;
  return a === undefined || b === undefined || a === b ? [teeth] : [teeth, [b, a]];
}

function fits({ drivers, driven }: Train, mounting: Mounting): boolean {
  const { leastPair, mostPair, mostOnStud, mostOnScrew, clearance } = mounting;
  const [a = 0, c] = drivers;
  const [b = 0, d] = driven;
  if (a > (mostOnStud ?? Infinity) || (d ?? b) > (mostOnScrew ?? Infinity)) return false;
  // A simple train is closed by an idler: its two gears need not meet.
  if (c === undefined || d === undefined) return true;
  const pairs = [a + b, c + d];
  if (pairs.some((sum) => sum < (leastPair ?? 0) || sum > (mostPair ?? Infinity))) return false;
  return clearance === null || (a + b >= c + clearance && c + d >= b + clearance);
}
