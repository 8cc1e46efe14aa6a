import type { ThreadForm } from '../standards/thread-form';

/**
 * What "percent of thread" is a percentage of. Trade tables differ:
 * `basic`: of the basic height, 0.5413 P for 60 degrees (100 % is the basic minor diameter, D - 1.0825 P);
 * `full`: of the height of a sharp-rooted 60 degree thread with a P/8 crest, 0.6495 P (100 % is D - 1.299 P).
 */
export type PercentBasis = 'basic' | 'full';

/** Double height that a basis takes for 100 %, in pitches; null where the form does not know the basis. */
function doubleHeight(form: ThreadForm, basis: PercentBasis): number | null {
  return basis === 'basic' ? form.majorToMinor : form.fullDoubleHeight;
}

/** Bore that leaves a percentage of thread: D - (double height) P percent / 100. One unit; null as `doubleHeight`. */
export function boreForPercent(
  form: ThreadForm,
  nominalDiameter: number,
  pitch: number,
  percent: number,
  basis: PercentBasis,
): number | null {
  const height = doubleHeight(form, basis);
  return height === null ? null : nominalDiameter - (height * pitch * percent) / 100;
}

/** The percentage of thread that a bore leaves; the inverse of `boreForPercent`. */
export function percentForBore(
  form: ThreadForm,
  nominalDiameter: number,
  pitch: number,
  bore: number,
  basis: PercentBasis,
): number | null {
  const height = doubleHeight(form, basis);
  return height === null ? null : (100 * (nominalDiameter - bore)) / (height * pitch);
}
