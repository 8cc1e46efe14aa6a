import type { Why } from '@/core/base/explain/why';
import { formatLength } from '@/core/base/units/format-length';
import type { LengthUnit } from '@/core/base/units/length';
import type { Side } from '@/core/thread/standards/thread';
import type { PitchMethod } from './measured-pitch-diameter';
import { wireErrorFactor } from './three-wires';

/** What is known of the measuring. All in one unit. */
export interface MeasuringCase {
  /** Three wires by default. Over one wire the micrometer's error and the scatter count twice, and the major diameter adds its own. */
  method?: PitchMethod;
  /** Largest error of the micrometer by its certificate, plus or minus; taken as rectangular. */
  micrometerError: number;
  /** Standard uncertainty of the wire's diameter (from its certificate: half of the k = 2 value). */
  wireUncertainty: number;
  /** Readings at one place; their scatter gives the repeatability. */
  readings: readonly number[];
  flankAngleDeg: number;
  /** Inside it is measured over two balls. */
  side: Side;
}

export interface PitchDiameterUncertainty {
  contributions: { name: string; standard: number }[];
  combined: number;
  /** k = 2, about 95 %. */
  expanded: number;
}

/**
 * Uncertainty of the pitch diameter over wires (GUM, root sum of squares). For a 60 degree form a wire enters three
 * times, a ball in a nut once; the scatter as s / sqrt(n), and not at all with fewer than two readings.
 */
export function pitchDiameterUncertainty({
  method = 'three-wires',
  micrometerError,
  wireUncertainty,
  readings,
  flankAngleDeg,
  side,
}: MeasuringCase): PitchDiameterUncertainty {
  const n = readings.length;
  const mean = readings.reduce((sum, reading) => sum + reading, 0) / Math.max(1, n);
  const squares = readings.reduce((sum, reading) => sum + (reading - mean) ** 2, 0);
  const times = method === 'one-wire' ? 2 : 1;
  const wire = { name: 'wire', standard: wireErrorFactor(flankAngleDeg, side) * wireUncertainty };
  const contributions = [
    { name: 'micrometer', standard: (times * micrometerError) / Math.sqrt(3) },
    ...(method === 'one-wire' ? [{ name: 'major', standard: micrometerError / Math.sqrt(3) }] : []),
    ...(method === 'thread-micrometer' ? [] : [wire]),
    { name: 'repeatability', standard: n < 2 ? 0 : times * Math.sqrt(squares / (n - 1) / n) },
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

/** The reason behind an uncertainty: its contributions put in. */
export function explainUncertainty(
  { contributions, combined, expanded }: PitchDiameterUncertainty,
  unit: LengthUnit,
): Why {
  const show = (value: number) => formatLength({ value, unit }, unit, 2);
  return {
    title: 'Uncertainty of the pitch diameter',
    formula: 'u = √(u1² + u2² + …);  U = 2 u',
    numbers: `√(${contributions.map(({ standard }) => `${show(standard)}²`).join(' + ')}) = ${show(combined)};  U = ${show(expanded)} ${unit}`,
    source: 'GUM, root sum of squares; guard band after ISO 14253-1',
    assumes: `In this order: ${contributions.map(({ name }) => name).join(', ')}. Micrometer rectangular (its largest error / √3), wire 1 + 1 / sin a times (a ball in a nut 1 / sin a - 1), scatter s / √n.`,
  };
}
