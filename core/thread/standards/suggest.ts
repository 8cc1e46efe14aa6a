import { ACME_SIZES } from './acme/acme-series';
import { METRIC_COARSE, METRIC_FINE } from './metric/metric-series';
import { PIPE_SIZES } from './pipe/pipe-sizes';
import { typedText } from '@/core/base/units/typed-text';
import type { Side } from './thread';
import { TRAPEZOIDAL_SIZES } from './trapezoidal/trapezoidal-tables';
import { CONSTANT_PITCH_TPI, inferUnifiedSeries, UNIFIED_SERIES } from './unified/unified-series';
import { WHITWORTH_SERIES } from './whitworth/whitworth-series';

/** Sizes that share their usual classes: what is put behind the base for each side. */
interface Family {
  bases: string[];
  external: readonly string[];
  internal: readonly string[];
}

/** Sizes from 1/4 to 4 in to which the constant-pitch series are put, where no other series has the pair. */
const CONSTANT_PITCH = Object.keys(UNIFIED_SERIES.UNC)
  .filter((size) => !size.startsWith('#'))
  .flatMap((size) =>
    CONSTANT_PITCH_TPI.filter((tpi) => inferUnifiedSeries(size, tpi) === 'UN' && isUsual(size, tpi)).map(
      (tpi) => `${size}-${tpi} UN`,
    ),
  );

const FAMILIES: readonly Family[] = [
  {
    bases: [...inchBases(UNIFIED_SERIES), ...CONSTANT_PITCH],
    external: ['-2A', '-3A'],
    internal: ['-2B', '-3B'],
  },
  {
    bases: [
      ...Object.entries(METRIC_COARSE).map(([size, pitch]) => `M${size}x${pitch}`),
      ...Object.entries(METRIC_FINE).flatMap(([size, pitches]) =>
        pitches.map((pitch) => `M${size}x${pitch}`),
      ),
    ],
    external: ['-6g'],
    internal: ['-6H'],
  },
  { bases: inchBases({ Acme: ACME_SIZES }), external: ['-2G'], internal: ['-2G internal'] },
  {
    bases: Object.entries(TRAPEZOIDAL_SIZES).map(([size, pitch]) => `Tr${size}x${pitch}`),
    external: ['-7e'],
    internal: ['-7H'],
  },
  { bases: inchBases(WHITWORTH_SERIES), external: [' medium bolt'], internal: [' medium nut'] },
  { bases: Object.keys(PIPE_SIZES).map((size) => `G ${size}`), external: [' A', ' B'], internal: [''] },
];

/**
 * Designations of the standard series (ASME B1.1 and B1.5, ISO 261, 2902 and 228-1, BS 84) that begin with what was
 * typed, spaces and case ignored, each with the usual classes: the external ones first, the internal ones as soon as
 * they are all that fits.
 * @example suggestThreads('M16') // ['M16x2-6g', 'M16x1.5-6g', 'M16x1-6g', 'M16x2-6H', ...]
 */
export function suggestThreads(
  typed: string,
  most = 8,
  sides: readonly Side[] = ['external', 'internal'],
): string[] {
  const short = typedText('thread', typed);
  const key = short.ok ? squeeze(short.value) : '';
  if (key === '') return [];
  return sides
    .flatMap(withKeys)
    .filter((thread) => thread.key.startsWith(key))
    .slice(0, most)
    .map(({ designation }) => designation);
}

const keyed = new Map<Side, { designation: string; key: string }[]>();

/** Some thousand designations, squeezed once and not at each key stroke. */
function withKeys(side: Side): { designation: string; key: string }[] {
  const known =
    keyed.get(side) ??
    standardThreads(side).map((designation) => ({ designation, key: squeeze(designation) }));
  keyed.set(side, known);
  return known;
}

function inchBases(series: Record<string, Record<string, number>>): string[] {
  return Object.entries(series).flatMap(([name, sizes]) =>
    Object.entries(sizes).map(([size, tpi]) => `${size}-${withHalf(tpi)} ${name}`),
  );
}

function withHalf(tpi: number): string {
  return Number.isInteger(tpi) ? String(tpi) : `${Math.floor(tpi)} 1/2`;
}

/** Every designation of the standard series with the usual classes of one side. */
export function standardThreads(side: Side): string[] {
  return FAMILIES.flatMap((family) =>
    family.bases.flatMap((base) => family[side].map((cls) => `${base}${cls}`)),
  );
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
