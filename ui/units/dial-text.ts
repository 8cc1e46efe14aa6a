import { dialReading } from '@/core/schedule';
import { lengthIn, roundTo, type Length } from '@/core/units';

/**
 * A dial reading as the student sees it: beyond one turn it is turns plus reading, never converted to another unit.
 * @example dialText({ value: 0.247, unit: 'in' }, { value: 0.1, unit: 'in' }) // '2 turns + 0.047'
 */
export function dialText(reading: Length, perTurn: Length): string {
  const decimals = reading.unit === 'in' ? 3 : 2;
  const turn = lengthIn(perTurn, reading.unit);
  const scale = 1e6;
  const { turns, graduations } = dialReading(Math.round(reading.value * scale), Math.round(turn * scale));
  const rest = roundTo(graduations / scale, 6);
  const figures = Number(rest.toFixed(decimals)) === rest ? rest.toFixed(decimals) : String(rest);
  if (turns === 0) return figures;
  return `${turns} ${turns === 1 ? 'turn' : 'turns'} + ${figures}`;
}
