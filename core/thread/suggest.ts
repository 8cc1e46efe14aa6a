import type { Side } from './thread';
import { CONSTANT_PITCH_TPI, inferUnifiedSeries, UNIFIED_SERIES } from './series-unified';
import { METRIC_COARSE, METRIC_FINE } from './series-metric';

const SERIES = Object.entries(UNIFIED_SERIES).flatMap(([series, sizes]) =>
  Object.entries(sizes).map(([size, tpi]) => `${size}-${tpi === 4.5 ? '4 1/2' : tpi} ${series}`),
);

/** Sizes from 1/4 to 4 in to which the constant-pitch series are put, where no other series has the pair. */
const CONSTANT_PITCH = Object.keys(UNIFIED_SERIES.UNC)
  .filter((size) => !size.startsWith('#'))
  .flatMap((size) =>
    CONSTANT_PITCH_TPI.filter((tpi) => inferUnifiedSeries(size, tpi) === 'UN' && isUsual(size, tpi)).map(
      (tpi) => `${size}-${tpi} UN`,
    ),
  );

const METRIC = [
  ...Object.entries(METRIC_COARSE).map(([size, pitch]) => `M${size}x${pitch}`),
  ...Object.entries(METRIC_FINE).flatMap(([size, pitches]) => pitches.map((pitch) => `M${size}x${pitch}`)),
];

const CLASSES = {
  external: { unified: ['2A', '3A'], metric: ['6g'] },
  internal: { unified: ['2B', '3B'], metric: ['6H'] },
};

/**
 * Designations of the standard series (ASME B1.1, ISO 261) that begin with what was typed, spaces and case ignored,
 * each with the usual classes: the external ones first, the internal ones as soon as they are all that fits.
 * @example suggestThreads('M16') // ['M16x2-6g', 'M16x1.5-6g', 'M16x1-6g', 'M16x2-6H', ...]
 */
export function suggestThreads(
  typed: string,
  most = 8,
  sides: readonly Side[] = ['external', 'internal'],
): string[] {
  const key = squeeze(typed);
  if (key === '') return [];
  return sides
    .flatMap((side) => [
      ...[...SERIES, ...CONSTANT_PITCH].flatMap((base) =>
        CLASSES[side].unified.map((cls) => `${base}-${cls}`),
      ),
      ...METRIC.flatMap((base) => CLASSES[side].metric.map((cls) => `${base}-${cls}`)),
    ])
    .filter((designation) => squeeze(designation).startsWith(key))
    .slice(0, most);
}

/** Fine enough for the size, and not finer than a hundredth of it: what the tables of the standard list. */
function isUsual(size: string, tpi: number): boolean {
  const diameter = size.split(' ').reduce((sum, part) => {
    const [over = 0, under = 1] = part.split('/').map(Number);
    return sum + over / under;
  }, 0);
  const pitch = 1 / tpi;
  return pitch < diameter / 5 && pitch > diameter / 60;
}

function squeeze(text: string): string {
  return text
    .toLowerCase()
    .replace(/×/g, 'x')
    .replace(/[\s-]+/g, '');
}
