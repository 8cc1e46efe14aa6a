import { lengthIn, type Length, type LengthUnit } from './length';
import { roundTo } from './round';

/** Decimals shown for a length: a tenth of a thousandth of an inch, a micrometre. */
export const LENGTH_DECIMALS: Record<LengthUnit, number> = { in: 4, mm: 3 };

/**
 * A length as figures for screen, print and export; the only place where a length is rounded for display.
 * @example formatLength({ value: 0.70299, unit: 'in' }) // '0.7030'
 */
export function formatLength(length: Length, unit: LengthUnit = length.unit, extraDecimals = 0): string {
  const decimals = LENGTH_DECIMALS[unit] + extraDecimals;
  const rounded = roundTo(lengthIn(length, unit), decimals);
  return (rounded === 0 ? 0 : rounded).toFixed(decimals);
}

/** The same with the unit behind it. @example '0.7030 in' */
export function formatLengthWithUnit(length: Length, unit: LengthUnit = length.unit): string {
  return `${formatLength(length, unit)} ${unit}`;
}

/** An area in unit squared: 6 decimals for square inches, 4 for square millimetres. */
export function formatArea(value: number, unit: LengthUnit): string {
  return roundTo(value, unit === 'in' ? 6 : 4).toFixed(unit === 'in' ? 6 : 4);
}
