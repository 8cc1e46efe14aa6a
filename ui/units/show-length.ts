import { formatLength } from '@/core/base/units/format-length';
import type { Length, LengthUnit } from '@/core/base/units/length';

/** `own`: every length in the unit it was planned in. */
export type DisplayUnit = 'own' | LengthUnit;

export interface ShowLength {
  /** The figures in the chosen unit. */
  figures: (value: number, unit: LengthUnit, extraDecimals?: number) => string;
  /** The chosen unit for something planned in `unit`. */
  unitOf: (unit: LengthUnit) => LengthUnit;
  /** Figures and unit of a stored length. */
  text: (length: Length) => string;
}

/** How lengths are shown in a unit, or each in its own. */
export function showLengthIn(chosen: DisplayUnit): ShowLength {
  const unitOf = (unit: LengthUnit) => (chosen === 'own' ? unit : chosen);
  return {
    unitOf,
    figures: (value, unit, extra = 0) => formatLength({ value, unit }, unitOf(unit), extra),
    text: (length) => `${formatLength(length, unitOf(length.unit))} ${unitOf(length.unit)}`,
  };
}
