import { METRIC_COARSE, METRIC_FINE } from './series-metric';
import { UNIFIED_SERIES } from './series-unified';

const ALL: string[] = [
  ...(['UNC', 'UNF'] as const).flatMap((series) =>
    Object.entries(UNIFIED_SERIES[series]).map(
      ([size, tpi]) => `${size}-${tpi === 4.5 ? '4 1/2' : tpi} ${series}`,
    ),
  ),
  ...Object.entries(METRIC_COARSE).map(([size, pitch]) => `M${size}x${pitch}`),
  ...Object.entries(METRIC_FINE).flatMap(([size, pitches]) => pitches.map((pitch) => `M${size}x${pitch}`)),
];

/**
 * Designations of the standard series that begin with what was typed, spaces and case ignored, each with the usual
 * external classes.
 * @example suggestThreads('M16') // ['M16x2-6g', 'M16x1.5-6g', 'M16x1-6g']
 */
export function suggestThreads(typed: string, most = 8): string[] {
  const key = squeeze(typed);
  if (key === '') return [];
  return ALL.flatMap((base) => (base.startsWith('M') ? [`${base}-6g`] : [`${base}-2A`, `${base}-3A`]))
    .filter((designation) => squeeze(designation).startsWith(key))
    .slice(0, most);
}

function squeeze(text: string): string {
  return text
    .toLowerCase()
    .replace(/×/g, 'x')
    .replace(/[\s-]+/g, '');
}
