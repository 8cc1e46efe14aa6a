import { METRIC_COARSE, METRIC_FINE } from './metric/metric-series';
import type { Side } from './thread';
import { UNIFIED_SERIES } from './unified/unified-series';

/** Series from which threads are taken for practice. */
export const PRACTICE_SERIES = [
  { id: 'unc', title: 'Unified coarse (UNC)' },
  { id: 'unf', title: 'Unified fine (UNF)' },
  { id: 'unef', title: 'Unified extra fine (UNEF)' },
  { id: 'metric-coarse', title: 'Metric, coarse pitch' },
  { id: 'metric-fine', title: 'Metric, fine pitch' },
] as const;

export type PracticeSeries = (typeof PRACTICE_SERIES)[number]['id'];

/** Thinner ones are cut with a die, and so are the numbered inch sizes, all under 1/4 in. */
const LEAST_MM = 6;

/**
 * Designations of a series with the usual class of a side, from 1/4 in or 6 mm up, which is where single-point cutting
 * begins (common practice).
 * @example seriesThreads('metric-coarse', 'external') // ['M6x1-6g', 'M7x1-6g', ...]
 */
export function seriesThreads(series: PracticeSeries, side: Side): string[] {
  switch (series) {
    case 'metric-coarse':
      return Object.entries(METRIC_COARSE).flatMap(([size, pitch]) => metric(size, [pitch], side));
    case 'metric-fine':
      return Object.entries(METRIC_FINE).flatMap(([size, pitches]) => metric(size, pitches, side));
    default: {
      const name = series.toUpperCase() as keyof typeof UNIFIED_SERIES;
      return Object.entries(UNIFIED_SERIES[name])
        .filter(([size, tpi]) => !size.startsWith('#') && Number.isInteger(tpi))
        .map(([size, tpi]) => `${size}-${tpi} ${name}-${side === 'external' ? '2A' : '2B'}`);
    }
  }
}

function metric(size: string, pitches: readonly number[], side: Side): string[] {
  if (Number(size) < LEAST_MM) return [];
  return pitches.map((pitch) => `M${size}x${pitch}-${side === 'external' ? '6g' : '6H'}`);
}
