/** A straight scale between lengths and pixels, there and back. */
export interface Linear {
  (length: number): number;
  invert: (pixel: number) => number;
}

/**
 * The straight scale that takes the first length to the first pixel and the second to the second.
 * @example linear([0, 1], [100, 300])(0.5) // 200
 */
export function linear(
  [from, to]: readonly [number, number],
  [start, end]: readonly [number, number],
): Linear {
  const perLength = (end - start) / (to - from);
  return Object.assign((length: number) => start + (length - from) * perLength, {
    invert: (pixel: number) => from + (pixel - start) / perLength,
  });
}
