export type LengthUnit = 'in' | 'mm';

/** A length with its unit: the only shape in which a length is stored. */
export interface Length {
  value: number;
  unit: LengthUnit;
}

/** Exact by definition (International yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

/**
 * The same length in another unit.
 * @example lengthIn({ value: 1, unit: 'in' }, 'mm') // 25.4
 */
export function lengthIn(length: Length, unit: LengthUnit): number {
  if (length.unit === unit) return length.value;
  return unit === 'mm' ? length.value * MM_PER_INCH : length.value / MM_PER_INCH;
}

export function otherUnit(unit: LengthUnit): LengthUnit {
  return unit === 'in' ? 'mm' : 'in';
}
