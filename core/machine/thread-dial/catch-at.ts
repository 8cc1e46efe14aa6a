/** How the half nut was closed, by where the dial stood. */
export interface Caught {
  /** The seat of the half nut that it fell into, in turns of the lead screw from the dial's zero. */
  seat: number;
  /** The mark that stands there; null: between the marks. */
  mark: number | null;
  /** Whether the tool comes back into its groove. */
  safe: boolean;
  /** Of the seat, in turns of the lead screw: negative was pressed early, positive late. */
  offBy: number;
}

export interface CatchCase {
  gearTeeth: number;
  turnsToRepeat: number;
  /** Where each mark stands, in turns of the lead screw. */
  marks: readonly number[];
  /** The seat of the first catch, which decides what is safe. */
  first: number;
}

/**
 * Where a half nut falls in that is pressed while the dial has turned so far: at the nearest seat, one at every
 * pitch of the screw, whether a mark stands there or not.
 * @param turned turns of the dial since its zero
 */
export function catchAt(turned: number, { gearTeeth, turnsToRepeat, marks, first }: CatchCase): Caught {
  const screwTurns = turned * gearTeeth;
  const seat = Math.round(screwTurns);
  const within = ((seat % gearTeeth) + gearTeeth) % gearTeeth;
  const mark = marks.findIndex((at) => Math.abs(at - within) < 1e-6);
  const apart = (seat - first) / turnsToRepeat;
  return {
    seat,
    mark: mark < 0 ? null : mark,
    safe: Math.abs(apart - Math.round(apart)) < 1e-9,
    offBy: screwTurns - seat,
  };
}

/** The way to the nearest of some marks, in turns of the lead screw: negative before it, positive past it. */
export function wayToNearest(turned: number, gearTeeth: number, marks: readonly number[]): number {
  const at = turned * gearTeeth;
  const ways = marks.map((mark) => {
    const past = (((at - mark) % gearTeeth) + gearTeeth) % gearTeeth;
    return past > gearTeeth / 2 ? past - gearTeeth : past;
  });
  return ways.reduce((best, way) => (Math.abs(way) < Math.abs(best) ? way : best), Infinity);
}
