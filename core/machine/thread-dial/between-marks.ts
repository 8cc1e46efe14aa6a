import Fraction from 'fraction.js';
import { safeMarksFrom, type DialMark } from './safe-marks';
import { screwTurnsTo, type DialGearing } from './repeat';

/** A place between the safe dial marks at which the half nut closes all the same, and what the tool would then do. */
export interface WrongSeat {
  /** Turns of the lead screw past the mark caught first. */
  screwTurns: number;
  /** As a part of the dial's turn past that mark. */
  at: Fraction;
  /** Whether a mark of the dial stands there. */
  mark: number | null;
  /** How far beside the groove the tool comes in, as a part of the lead, 0 to 1. */
  beside: Fraction;
}

/**
 * The half nut closes at every pitch of the lead screw, also between marks (common practice: the classic cross-thread).
 * What each of those seats does to the thread, for one turn of the dial; the safe ones are left out.
 */
export function wrongSeats(first: number, marks: readonly DialMark[], gearing: DialGearing): WrongSeat[] {
  const { gearTeeth, screw, lead } = gearing;
  const from = marks[first];
  if (from === undefined) return [];
  const seats: WrongSeat[] = [];
  for (let turns = 1; turns < gearTeeth; turns += 1) {
    const leads = screw.mm.mul(turns).div(lead.mm);
    const beside = leads.sub(leads.floor());
    if (beside.equals(0)) continue;
    const at = new Fraction(turns, gearTeeth);
    const mark = marks.findIndex((each) => {
      const past = each.at.sub(from.at);
      return (past.compare(0) < 0 ? past.add(1) : past).equals(at);
    });
    seats.push({ screwTurns: turns, at, mark: mark < 0 ? null : mark, beside });
  }
  return seats;
}

/** Whether the half nut also closes between two neighbouring marks: they stand more than one turn of the screw apart. */
export function closesBetween(marks: readonly DialMark[], gearTeeth: number): boolean {
  const places = marks.map(({ at }) => screwTurnsTo(at, gearTeeth).valueOf()).sort((a, b) => a - b);
  return places.some((place, index) => (places[index + 1] ?? (places[0] ?? 0) + gearTeeth) - place > 1);
}

/** The gear of a dial with several that leaves the most marks to close at; null when none does. */
export function gearToMesh<G extends { teeth: number; marks: readonly DialMark[] }>(
  gears: readonly G[],
  { screw, lead }: Pick<DialGearing, 'screw' | 'lead'>,
): { gear: G; safe: number[] } | null {
  let best: { gear: G; safe: number[] } | null = null;
  for (const gear of gears) {
    const safe = safeMarksFrom(0, gear.marks, { screw, lead, gearTeeth: gear.teeth });
    if (safe.length > (best?.safe.length ?? 0)) best = { gear, safe };
  }
  return best;
}

/** Seconds from one safe dial mark to the next at a speed; the longest of the ways between neighbours. */
export function longestWaitSeconds(
  safe: readonly number[],
  marks: readonly DialMark[],
  gearing: DialGearing,
  rpm: number,
): number | null {
  const places = safe.map((index) => marks[index]?.at.valueOf() ?? 0).sort((a, b) => a - b);
  if (places.length === 0) return null;
  const gaps = places.map((place, index) => (places[index + 1] ?? (places[0] ?? 0) + 1) - place);
  return Math.max(...gaps) * dialTurnSeconds(gearing, rpm);
}

/** Seconds of one turn of the dial while the carriage stands: its gear rolls over the turning screw. */
export function dialTurnSeconds({ gearTeeth, screw, lead }: DialGearing, rpm: number): number {
  const screwRpm = lead.mm.div(screw.mm).valueOf() * rpm;
  return (60 * gearTeeth) / screwRpm;
}
