/** One decade of the rounded R 40 series of preferred numbers (ISO 497), from which ISO 965-1 takes its tolerances. */
// prettier-ignore
const R40_DECADE = [
  100, 106, 112, 118, 125, 132, 140, 150, 160, 170, 180, 190, 200, 212, 224, 236, 250, 265, 280, 300, 315, 335, 355, 375,
  400, 425, 450, 475, 500, 530, 560, 600, 630, 670, 710, 750, 800, 850, 900, 950,
];

function member(index: number): number {
  const decade = Math.floor(index / R40_DECADE.length);
  const value = (R40_DECADE[index - decade * R40_DECADE.length] ?? 0) * 10 ** decade;
  return value < 100 ? Math.round(value) : value;
}

function indexOfNearest(value: number): number {
  const guess = Math.round(40 * Math.log10(value / 100));
  let best = guess;
  for (let index = guess - 2; index <= guess + 2; index += 1) {
    if (Math.abs(member(index) - value) < Math.abs(member(best) - value)) best = index;
  }
  return best;
}

/** The member of the R 40 series nearest to a value. @example nearestPreferred(130.2) // 132 */
export function nearestPreferred(value: number): number {
  return member(indexOfNearest(value));
}

/**
 * Steps along the R 40 series. ISO 965-1 makes its grades this way: a factor of 0.8 is four steps down,
 * 0.63 eight, 1.25 four up, 1.32 five up; that reproduces the printed tables where multiplying and rounding does not.
 */
export function stepPreferred(value: number, steps: number): number {
  return member(indexOfNearest(value) + steps);
}
