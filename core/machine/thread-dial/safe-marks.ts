import Fraction from 'fraction.js';
import { dialRepeats, screwTurnsTo, turnsToRepeat, type DialGearing } from './repeat';

/** A mark of a thread dial: the machine's own label, and where it stands as a part of the dial's turn. */
export interface DialMark {
  label: string;
  at: Fraction;
}

/** Marks that stand evenly, without labels. */
export function evenMarks(count: number): DialMark[] {
  return Array.from({ length: count }, (_, index) => ({ label: '', at: new Fraction(index, count) }));
}

/**
 * The marks at which the half nut may be closed after a first pass taken at one of them, however often the dial went
 * round: a whole number of screw pitches, or the nut can not close, and a whole number of leads, or it finds another
 * groove. Indices in the order of the marks; empty when not even the first mark is safe after a turn of the dial.
 */
export function safeMarksFrom(first: number, marks: readonly DialMark[], gearing: DialGearing): number[] {
  const from = marks[first];
  if (from === undefined || !dialRepeats(gearing)) return [];
  const repeat = turnsToRepeat(gearing);
  return marks.flatMap(({ at }, index) =>
    screwTurnsTo(at.sub(from.at), gearing.gearTeeth).div(repeat).d === 1n ? [index] : [],
  );
}

/** All groups of marks that are safe together; a mark belongs to one of them. Empty when the dial can not be used. */
export function groupsOfMarks(marks: readonly DialMark[], gearing: DialGearing): number[][] {
  const groups: number[][] = [];
  for (const index of marks.keys())
    if (!groups.some((group) => group.includes(index))) {
      const group = safeMarksFrom(index, marks, gearing);
      if (group.length > 0) groups.push(group);
    }
  return groups;
}
