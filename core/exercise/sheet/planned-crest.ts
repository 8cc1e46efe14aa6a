import type { Sheet } from './sheet';

/** Two hands read one micrometer so far apart; common practice. */
const READING = { in: 0.0005, mm: 0.01 } as const;

/**
 * The crest diameter that the plan asks for: inside the limits of the class, and where the blank is planned outside of
 * them, up to what is planned. Whoever turns what was asked has turned it right.
 */
export function plannedCrest({
  limits,
  workDiameter,
  thread,
}: Pick<Sheet, 'limits' | 'workDiameter' | 'thread'>): { min: number; max: number } {
  const { min, max } = limits.crest;
  const reading = READING[thread.unit];
  return {
    min: workDiameter < min - 1e-9 ? workDiameter - reading : min,
    max: workDiameter > max + 1e-9 ? workDiameter + reading : max,
  };
}
