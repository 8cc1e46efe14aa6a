import { lengthIn, type Length } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { dialFigures, dialText } from './dial-text';

/** How a reading that counts from touch-off stands on the dial or readout. */
export interface ShownBy {
  /** A dial shows turns and a figure within the turn; a readout its absolute figure. */
  as: 'turns' | 'figure';
  /** A feed that withdraws the slide makes the figures run down. */
  counts: 'up' | 'down';
  perTurn: Length;
  /** Figure at touch-off. */
  zeroFigure: number;
}

/**
 * A reading as the dial shows it: the figure that stands there, not the amount fed.
 * @example 0.030 on a dial of 0.100 a turn that runs down shows 0.070
 */
export function shownReading(reading: Length, { as, counts, perTurn, zeroFigure }: ShownBy): string {
  const { unit } = reading;
  if (as === 'figure') {
    const figure = zeroFigure + (counts === 'down' ? -reading.value : reading.value);
    return dialFigures({ value: roundTo(figure, 6), unit });
  }
  const turn = lengthIn(perTurn, unit);
  if (reading.value < -1e-9) return beforeZero(reading, turn, counts);
  if (counts === 'up') return dialText(reading, perTurn);
  const turns = Math.floor(roundTo(reading.value / turn, 9));
  const rest = roundTo(reading.value - turns * turn, 6);
  const figure = dialFigures({ value: rest === 0 ? 0 : roundTo(turn - rest, 6), unit });
  return turns === 0 ? figure : `${turns} ${turns === 1 ? 'turn' : 'turns'} + ${figure}`;
}

/**
 * A figure before the dial's zero, as it stands there: a start that was not cut yet, where the zero was taken anew in
 * the groove of another.
 */
function beforeZero({ value, unit }: Length, turn: number, counts: 'up' | 'down'): string {
  const turns = Math.ceil(roundTo(-value / turn, 9));
  const within = roundTo(value + turns * turn, 6);
  const figure = counts === 'up' || within === 0 ? within : roundTo(turn - within, 6);
  return `${dialFigures({ value: figure, unit })}, ${turns} ${turns === 1 ? 'turn' : 'turns'} before 0`;
}

const nearer = (figure: number, to: number): number =>
  roundTo(Math.abs(figure - to) <= Math.abs(-figure - to) ? figure : -figure, 6);

/**
 * What was typed as it stands on the dial or readout, as a reading from touch-off. A dial shows a figure within its turn:
 * of all turns the one is meant that is nearest to where the slide is known to be. More than a turn has its turns counted in.
 * @param near where the slide stands, or is to be set, as a reading from touch-off
 * @example readingShown(0.094, { a dial of 0.100 a turn that runs down }, 0.01) // 0.006
 */
export function readingShown(
  figure: number,
  { as, counts, zeroFigure, perTurn }: ShownBy,
  near: Length,
): number {
  if (as === 'figure') {
    // Zeroed at touch, some readouts put a minus before what they fed: it is the one that is nearer to where the slide is.
    if (zeroFigure === 0) return nearer(figure, near.value);
    return roundTo(counts === 'down' ? zeroFigure - figure : figure - zeroFigure, 6);
  }
  const turn = lengthIn(perTurn, near.unit);
  if (figure < 0 || figure > turn + 1e-9) return figure;
  const within = counts === 'down' && figure > 0 ? turn - figure : figure;
  const turns = Math.max(0, Math.round((near.value - within) / turn));
  return roundTo(turns * turn + within, 6);
}
