/** Numbers from 0 to under 1 that look random and come again with the same seed (mulberry32, public domain). */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** The standard normal deviate below which a share of all lies; Acklam's rational approximation, good to 1.2e-9 of the value. */
export function normalQuantile(share: number): number {
  const p = Math.min(1 - 1e-12, Math.max(1e-12, share));
  const poly = (coefficients: readonly number[], x: number) =>
    coefficients.reduce((sum, each) => sum * x + each, 0);
  if (p < 0.02425 || p > 1 - 0.02425) {
    const q = Math.sqrt(-2 * Math.log(Math.min(p, 1 - p)));
    const value = poly(TAIL, q) / poly(TAIL_UNDER, q);
    return p < 0.5 ? value : -value;
  }
  const q = p - 0.5;
  const r = q * q;
  return (poly(MIDDLE, r) * q) / poly(MIDDLE_UNDER, r);
}

const MIDDLE = [
  -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716,
  2.506628277459239,
];
const MIDDLE_UNDER = [
  -54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572, 1,
];
const TAIL = [
  -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
];
const TAIL_UNDER = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416, 1];
