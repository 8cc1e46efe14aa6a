import { lengthIn, type Length } from '@/core/base/units/length';
import { roundTo } from '@/core/base/units/round';
import { dialReading } from './dial-reading';

/**
 * A dial reading as the student sees it: beyond one turn it is turns plus reading, never converted to another unit.
 * @example dialText({ value: 0.247, unit: 'in' }, { value: 0.1, unit: 'in' }) // '2 turns + 0.047'
 */
export function dialText(reading: Length, perTurn: Length): string {
  const turn = lengthIn(perTurn, reading.unit);
  const scale = 1e6;
  const { turns, graduations } = dialReading(Math.round(reading.value * scale), Math.round(turn * scale));
  const figures = dialFigures({ value: graduations / scale, unit: reading.unit });
  if (turns === 0) return figures;
  return `${turns} ${turns === 1 ? 'turn' : 'turns'} + ${figures}`;
}

/** Figures of a dial length: thousandths of an inch, hundredths of a millimetre, more only where the dial has more. */
export function dialFigures(length: Length): string {
  const decimals = length.unit === 'in' ? 3 : 2;
  const value = roundTo(length.value, 6);
  return Number(value.toFixed(decimals)) === value ? value.toFixed(decimals) : String(value);
}
