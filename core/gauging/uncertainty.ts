import { FORM_60 } from '../thread';
import { wireErrorFactor } from './three-wires';

/** What is known of the measuring. All in one unit. */
export interface MeasuringCase {
  /** Largest error of the micrometer by its certificate, plus or minus; taken as rectangular. */
  micrometerError: number;
  /** Standard uncertainty of the wire's diameter (from its certificate: half of the k = 2 value). */
  wireUncertainty: number;
  /** Readings at one place; their scatter gives the repeatability. */
  readings: readonly number[];
  flankAngleDeg?: number;
}

export interface PitchDiameterUncertainty {
  contributions: { name: string; standard: number }[];
  combined: number;
  /** k = 2, about 95 %. */
  expanded: number;
}

/**
 * Uncertainty of the pitch diameter over wires (GUM, root sum of squares). The wire enters three times for a 60 degree
 * form; the scatter as s / sqrt(n), and not at all with fewer than two readings.
 */
export function pitchDiameterUncertainty({
  micrometerError,
  wireUncertainty,
  readings,
  flankAngleDeg = FORM_60.flankAngleDeg,
}: MeasuringCase): PitchDiameterUncertainty {
  const n = readings.length;
  const mean = readings.reduce((sum, reading) => sum + reading, 0) / Math.max(1, n);
  const squares = readings.reduce((sum, reading) => sum + (reading - mean) ** 2, 0);
  const contributions = [
    { name: 'micrometer', standard: micrometerError / Math.sqrt(3) },
    { name: 'wire', standard: wireErrorFactor(flankAngleDeg) * wireUncertainty },
    { name: 'repeatability', standard: n < 2 ? 0 : Math.sqrt(squares / (n - 1) / n) },
  ];
  const combined = Math.hypot(...contributions.map(({ standard }) => standard));
  return { contributions, combined, expanded: 2 * combined };
}

/** The band in which a measured value proves the limits in spite of the uncertainty (guard band U, ISO 14253-1); null when none is left. */
export function guardedBand(
  band: { min: number; max: number },
  expanded: number,
): { min: number; max: number } | null {
  const min = band.min + expanded;
  const max = band.max - expanded;
  return min <= max ? { min, max } : null;
}
