import { normalQuantile } from '@/core/base/chance/random';
import { formatLength, LENGTH_DECIMALS } from '@/core/base/units/format-length';
import { roundTo } from '@/core/base/units/round';
import type { LengthUnit } from '@/core/base/units/length';

/** A gauge that is not there: how well it measures, and how it is held. */
export interface SimulatedGauge {
  unit: LengthUnit;
  /** What it reads where it should read nothing. */
  zero: number;
  /** Standard deviation of one reading. */
  noise: number;
  /** How hard a beginner squeezes: the reading is smaller by so much, from 0 to this, never larger. */
  squeeze: number;
}

/** A usual shop micrometer in a first-year's hand (common practice). */
export const BEGINNERS: Record<LengthUnit, SimulatedGauge> = {
  in: { unit: 'in', zero: 0.0002, noise: 0.00005, squeeze: 0.0004 },
  mm: { unit: 'mm', zero: 0.005, noise: 0.0015, squeeze: 0.01 },
};

/**
 * One reading of a size that is true, as the display shows it.
 * @param random numbers from 0 to under 1
 */
export function simulatedReading(gauge: SimulatedGauge, trueSize: number, random: () => number): number {
  const noise = gauge.noise * normalQuantile(random());
  const squeezed = gauge.squeeze * random();
  // Digital micrometers show one decimal more than is printed on limits.
  return roundTo(trueSize + gauge.zero + noise - squeezed, LENGTH_DECIMALS[gauge.unit] + 1);
}

/** The same as a line, with its unit: what goes over the wire. */
export function simulatedLine(gauge: SimulatedGauge, trueSize: number, random: () => number): string {
  const value = simulatedReading(gauge, trueSize, random);
  return `${value < 0 ? '-' : '+'}${formatLength({ value: Math.abs(value), unit: gauge.unit }, gauge.unit, 1)} ${gauge.unit}`;
}
