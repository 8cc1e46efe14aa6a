/** The value that so large a share of the values does not pass. */
export function percentile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? Number.NaN;
}

/** Prints a figure against its promise; answers whether it was kept. */
export function kept(name: string, value: number, most: number, unit: string): boolean {
  const good = value <= most;
  console.log(
    `${good ? '●' : '⊘'} ${name.padEnd(66)} ${figure(value)} ${unit} (promised: ${figure(most)} ${unit})`,
  );
  return good;
}

/** A small share as a power of ten, or it would be shown as nothing. */
const figure = (value: number) =>
  value !== 0 && Math.abs(value) < 0.05 ? value.toExponential(1) : value.toFixed(1);
