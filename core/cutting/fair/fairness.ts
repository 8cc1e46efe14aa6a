import { SOURCES, sourcesOf, type FairCase, type SourceId } from './fair-case';
import { oneTry, type Departures } from './one-try';
import { normalQuantile, randomFrom } from '@/core/base/chance/random';

/** How much of the spread comes from one source (Sobol): alone, and together with all that it meets. */
interface SourceShare {
  id: SourceId;
  first: number;
  total: number;
}

/** What a class of students would make of an exercise. */
export interface Fairness {
  tries: number;
  /** Shares of all tries. */
  lands: number;
  tooLarge: number;
  tooSmall: number;
  /** Tries that left no thread that could be measured. */
  none: number;
  mean: number;
  standardDeviation: number;
  /** 5 and 95 of a hundred. */
  from: number;
  to: number;
  /** Counts over equal widths from the first edge to the last. */
  histogram: { from: number; to: number; count: number }[];
  /** The one that matters most first. */
  ranking: SourceShare[];
}

export interface FairOptions {
  tries: number;
  seed: number;
  /** Called with the share of the tries that is done. */
  progress?: (share: number) => void;
}

const BINS = 40;

/**
 * Tries an exercise many times over, each time with other departures (Monte Carlo), and ranks their sources by Sobol's
 * indices (Saltelli 2010 for the first, Jansen 1999 for the total order) from the same model. The same seed gives the same
 * answer. The chance that lands is good to some 1 / √tries.
 */
export function fairness(fair: FairCase, { tries, seed, progress }: FairOptions): Fairness {
  const sources = sourcesOf(fair);
  const random = randomFrom(seed);
  const draw = () => sources.map(() => random());
  const base = Math.max(64, Math.floor(tries / (sources.length + 2)));
  const all = base * (sources.length + 2);
  const sizes: (number | null)[] = [];
  let done = 0;
  const tried = (shares: readonly number[]) => {
    done += 1;
    if (progress !== undefined && done % 128 === 0) progress(done / all);
    return oneTry(fair, departures(fair, sources, shares));
  };
  const sums = sources.map(() => ({ first: 0, total: 0 }));
  const kept: number[] = [];
  for (let k = 0; k < base; k += 1) {
    const [a, b] = [draw(), draw()];
    const [fa, fb] = [tried(a), tried(b)];
    sizes.push(fa, fb);
    sources.forEach((_, index) => {
      const mixed = a.map((share, at) => (at === index ? (b[at] ?? share) : share));
      const fab = tried(mixed);
      const sum = sums[index];
      if (fa === null || fb === null || fab === null || sum === undefined) return;
      // As differences from the target: small differences of large numbers would be lost in rounding.
      sum.first += (fb - fair.target) * (fab - fa);
      sum.total += (fa - fab) ** 2;
    });
    if (fa !== null) kept.push(fa);
    if (fb !== null) kept.push(fb);
  }
  const n = Math.max(1, kept.length);
  const mean = kept.reduce((sum, size) => sum + size, 0) / n;
  const variance = kept.reduce((sum, size) => sum + (size - mean) ** 2, 0) / n;
  const sorted = kept.toSorted((one, other) => one - other);
  const at = (share: number) =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? mean;
  const share = (count: number) => count / Math.max(1, sizes.length);
  const { min, max } = fair.limits;
  return {
    tries: sizes.length,
    lands: share(kept.filter((size) => size >= min && size <= max).length),
    tooLarge: share(kept.filter((size) => size > max).length),
    tooSmall: share(kept.filter((size) => size < min).length),
    none: share(sizes.filter((size) => size === null).length),
    mean,
    standardDeviation: Math.sqrt(variance),
    from: at(0.05),
    to: at(0.95),
    histogram: histogramOf(sorted, at(0.002), at(0.998)),
    ranking: sources
      .map((id, index): SourceShare => ({
        id,
        first: variance > 0 ? clamped((sums[index]?.first ?? 0) / base / variance) : 0,
        total: variance > 0 ? clamped((sums[index]?.total ?? 0) / (2 * base) / variance) : 0,
      }))
      .toSorted((one, other) => other.total - one.total),
  };
}

/** An estimate may step a little out of 0 to 1. */
const clamped = (share: number) => Math.min(1, Math.max(0, share));

function departures(
  { spreads }: FairCase,
  sources: readonly SourceId[],
  shares: readonly number[],
): Departures {
  const off: Partial<Record<SourceId, number>> = {};
  sources.forEach((id, index) => {
    const share = shares[index] ?? 0.5;
    const spread = SOURCES.find((each) => each.id === id)?.spread;
    const of = spreads[id];
    off[id] =
      spread === 'standard'
        ? of * normalQuantile(share)
        : spread === 'half-width'
          ? of * (2 * share - 1)
          : of * share;
  });
  return off;
}

function histogramOf(sorted: readonly number[], from: number, to: number): Fairness['histogram'] {
  const width = (to - from) / BINS;
  if (!(width > 0)) return sorted.length === 0 ? [] : [{ from, to: from, count: sorted.length }];
  const bins = Array.from({ length: BINS }, (_, k) => ({
    from: from + k * width,
    to: from + (k + 1) * width,
    count: 0,
  }));
  for (const size of sorted) {
    const bin = bins[Math.min(BINS - 1, Math.max(0, Math.floor((size - from) / width)))];
    if (bin !== undefined) bin.count += 1;
  }
  return bins;
}
