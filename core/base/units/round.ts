/**
 * Rounds half away from zero to a number of decimals, as the printed tables do.
 * The small nudge (relative 1e-9) undoes binary noise, so that 0.00085 at 4 decimals gives 0.0009.
 */
export function roundTo(value: number, decimals: number): number {
  const scale = 10 ** decimals;
  const rounded = Math.round(Math.abs(value) * scale * (1 + 1e-12) + 1e-9) / scale;
  return value < 0 ? -rounded : rounded;
}
