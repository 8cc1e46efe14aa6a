import { bestWire, overWires, wireErrorFactor } from '@/core/measuring/gauging/three-wires';
import { sheetWires } from '../../sheet/sheet-geometry';
import type { Sheet } from '../../sheet/sheet';
import type { Band } from '@/core/thread/standards/thread-limits';
import { formatLength } from '@/core/base/units/format-length';
import type { LengthUnit } from '@/core/base/units/length';
import { PLACES, type Place } from '../entry/kinds/measurement';
import type { Prediction } from '../state/predict';
import { inOtherUnit, type ReadingQuestion } from '../entry/reading-questions';

/** Something to ask about a reading: it is recorded all the same when it really reads so. */
export interface QuestionedReading {
  place: Place;
  code: ReadingQuestion;
  says: string;
}

/** Readings that are within so much of what the passes foretell are not asked about (common practice). */
const ALIKE: Record<LengthUnit, number> = { in: 0.0015, mm: 0.04 };
/** One turn of a thimble: the commonest misreading of a micrometer (common practice). */
const TURN: Record<LengthUnit, number> = { in: 0.025, mm: 0.5 };
/** Pitches whose best wires lie in a shop's box, in the unit of the thread. */
const PITCHES: Record<LengthUnit, readonly number[]> = {
  in: [32, 28, 24, 20, 18, 16, 14, 13, 12, 11, 10, 9, 8, 7, 6, 5, 4].map((tpi) => 1 / tpi),
  mm: [0.5, 0.75, 1, 1.25, 1.5, 1.75, 2, 2.5, 3, 3.5, 4, 5, 6],
};
/** A zero that nobody looked at is off by no more (common practice). */
const ZERO_SHARE = 2.5;

/**
 * Asks about readings that are unlike what the passes foretell, and recognises why: another unit, a turn of the thimble,
 * other wires, a zero that was not taken off. Where nothing is foretold nothing is asked.
 */
export function questionReadings(
  sheet: Sheet,
  prediction: Pick<Prediction, 'size'>,
  {
    readings,
    wire,
    zero,
    direct,
  }: {
    /** As read, before the zero is taken off. */
    readings: Partial<Record<Place, number | null>>;
    wire: number;
    zero: number | null;
    /** The instrument reads the pitch diameter itself. */
    direct: boolean;
  },
): QuestionedReading[] {
  const { size } = prediction;
  if (size === null) return [];
  const { unit } = sheet.thread;
  const wires = sheetWires(sheet, wire);
  const readingOf = (pitchDiameter: number) => (direct ? pitchDiameter : overWires(wires, pitchDiameter));
  const [low, high] = [readingOf(size.min), readingOf(size.max)];
  const off = (value: number) => (value < low ? value - low : value > high ? value - high : 0);
  const show = (value: number, more = 0) => `${formatLength({ value, unit }, unit, more)} ${unit}`;
  return PLACES.flatMap((place): QuestionedReading[] => {
    const reading = readings[place];
    if (reading === null || reading === undefined) return [];
    const value = reading - (zero ?? 0);
    const by = off(value);
    if (Math.abs(by) <= ALIKE[unit]) return [];
    const ask = (code: ReadingQuestion, says: string) => [{ place, code, says }];
    if (Math.abs(off(inOtherUnit(value, unit))) <= ALIKE[unit])
      return ask(
        'other-unit',
        `Is this in ${unit === 'in' ? 'mm' : 'inch'}? Then it would agree with the passes.`,
      );
    if (Math.abs(Math.abs(by) - TURN[unit]) <= ALIKE[unit])
      return ask(
        'turn-misread',
        `This is one turn of the thimble off (${show(TURN[unit])}). Read the sleeve again.`,
      );
    const other = direct ? null : otherWire(sheet, wire, size, value);
    if (other !== null)
      return ask('other-wire', `It would agree with wires of ${show(other, 1)}. Which ones are in hand?`);
    if (zero === null && Math.abs(by) <= ZERO_SHARE * ALIKE[unit])
      return ask(
        'zero-forgotten',
        `It is ${show(Math.abs(by))} off the passes. Is the zero of the micrometer looked at?`,
      );
    return ask(
      'unlike',
      `The passes foretell ${show(low)}${high - low < ALIKE[unit] ? '' : ` to ${show(high)}`}. Clean it, and measure again.`,
    );
  });
}

/** The best wire (inside: ball) of another pitch with which the reading would be what the passes foretell. */
function otherWire(sheet: Sheet, wire: number, { min, max }: Band, value: number): number | null {
  const { pitch, flankAngleDeg, unit, side } = sheet.thread;
  const near = ALIKE[unit] / 2;
  // Wires that read alike can not be told apart.
  const alike = ALIKE[unit] / wireErrorFactor(flankAngleDeg, side);
  const found = PITCHES[unit]
    .filter((each) => Math.abs(each - pitch) > 1e-6)
    .map((each) => bestWire(each, flankAngleDeg))
    .find((each) => {
      const over = sheetWires(sheet, each);
      const explains = value >= overWires(over, min) - near && value <= overWires(over, max) + near;
      return Math.abs(each - wire) > alike && explains;
    });
  return found ?? null;
}
