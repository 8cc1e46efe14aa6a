import type { UnifiedSeries } from '../thread';

/**
 * Series of ASME B1.1, table 1 ("standard series threads"): size label and threads per inch.
 * From memory of the printed table.
 */
// prettier-ignore
const UNC: Record<string, number> = {
  '#1': 64, '#2': 56, '#3': 48, '#4': 40, '#5': 40, '#6': 32, '#8': 32, '#10': 24, '#12': 24,
  '1/4': 20, '5/16': 18, '3/8': 16, '7/16': 14, '1/2': 13, '9/16': 12, '5/8': 11, '3/4': 10, '7/8': 9, '1': 8,
  '1 1/8': 7, '1 1/4': 7, '1 3/8': 6, '1 1/2': 6, '1 3/4': 5, '2': 4.5, '2 1/4': 4.5, '2 1/2': 4, '2 3/4': 4,
  '3': 4, '3 1/4': 4, '3 1/2': 4, '3 3/4': 4, '4': 4,
};

// prettier-ignore
const UNF: Record<string, number> = {
  '#0': 80, '#1': 72, '#2': 64, '#3': 56, '#4': 48, '#5': 44, '#6': 40, '#8': 36, '#10': 32, '#12': 28,
  '1/4': 28, '5/16': 24, '3/8': 24, '7/16': 20, '1/2': 20, '9/16': 18, '5/8': 18, '3/4': 16, '7/8': 14, '1': 12,
  '1 1/8': 12, '1 1/4': 12, '1 3/8': 12, '1 1/2': 12,
};

// prettier-ignore
const UNEF: Record<string, number> = {
  '#12': 32, '1/4': 32, '5/16': 32, '3/8': 32, '7/16': 28, '1/2': 28, '9/16': 24, '5/8': 24, '11/16': 24,
  '3/4': 20, '13/16': 20, '7/8': 20, '15/16': 20, '1': 20, '1 1/16': 18, '1 1/8': 18, '1 3/16': 18, '1 1/4': 18,
  '1 5/16': 18, '1 3/8': 18, '1 7/16': 18, '1 1/2': 18, '1 9/16': 18, '1 5/8': 18, '1 11/16': 18,
};

export const UNIFIED_SERIES: Record<'UNC' | 'UNF' | 'UNEF', Record<string, number>> = { UNC, UNF, UNEF };

/** Pitches of the constant-pitch series 4-UN to 32-UN. */
export const CONSTANT_PITCH_TPI: readonly number[] = [4, 6, 8, 12, 16, 20, 28, 32];

/** The series that a size and pitch belong to when the designation names none. */
export function inferUnifiedSeries(sizeLabel: string, tpi: number): UnifiedSeries {
  for (const series of ['UNC', 'UNF', 'UNEF'] as const) {
    if (UNIFIED_SERIES[series][sizeLabel] === tpi) return series;
  }
  return CONSTANT_PITCH_TPI.includes(tpi) ? 'UN' : 'UNS';
}

/** Basic diameter of a numbered size: 0.060 in + 0.013 in for each number (ASME B1.1). */
export function numberedDiameterIn(number: number): number {
  return Math.round(60 + 13 * number) / 1000;
}

/** Whether the series give these threads to this numbered size: a bare `10-32` is then #10, not ten inches. */
export function isNumberedSize(number: number, tpi: number): boolean {
  return Object.values(UNIFIED_SERIES).some((series) => series[`#${number}`] === tpi);
}
