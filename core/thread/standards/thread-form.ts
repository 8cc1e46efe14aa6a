/**
 * A thread form as data: what every formula needs to know of the flanks, crests and roots. The forms here are
 * symmetric; angles count from the perpendicular to the axis, heights and widths are in pitches.
 */
export interface ThreadForm {
  id: 'sixty' | 'acme' | 'trapezoidal' | 'whitworth' | 'square';
  /** As shown: angle between the flanks and the standards that define it. */
  name: string;
  /** Half of the angle between the flanks, degrees. */
  flankAngleDeg: number;
  /** Height of the fundamental triangle, H / P; null where the flanks never meet. */
  fundamentalHeight: number | null;
  /** (major - pitch diameter) / P of the basic profile. */
  majorToPitch: number;
  /** (major - minor diameter) / P of the basic profile. */
  majorToMinor: number;
  /** (major - minor diameter) / P with a root rounded as the standard allows it; null where it keeps a flat. */
  majorToRoundedRoot: number | null;
  /** Radius of a rounded crest / P, past which a wire no longer touches the straight flank; 0 for a flat crest. */
  crestRadius: number;
  /** Usual truncation of the tool's tip, in pitches: the flat, and the radius that does the same. */
  usualTip: { flat: number; radius: number };
  /** Double height of a thread with a sharp root, the "full" basis of percent of thread; null where nobody uses it. */
  fullDoubleHeight: number | null;
}

/** The 60 degree basic profile of ISO 68-1 and ASME B1.1: H = 0.866025404 P, crest P/8, root P/4. */
export const FORM_60 = {
  id: 'sixty',
  name: '60° (ISO 68-1, ASME B1.1)',
  flankAngleDeg: 30,
  fundamentalHeight: 0.866025404,
  majorToPitch: 0.64951905,
  majorToMinor: 1.08253175,
  majorToRoundedRoot: 1.22686932,
  crestRadius: 0,
  usualTip: { flat: 0.125, radius: 0.144338 },
  fullDoubleHeight: 1.29903811,
} as const satisfies ThreadForm;

/** The 29 degree general purpose form of ASME B1.5: height P/2, flats of 0.3707 P. H = P / 2 cot 14.5. */
export const FORM_ACME = {
  id: 'acme',
  name: '29° (ASME B1.5)',
  flankAngleDeg: 14.5,
  fundamentalHeight: 1.933357,
  majorToPitch: 0.5,
  majorToMinor: 1,
  majorToRoundedRoot: null,
  crestRadius: 0,
  usualTip: { flat: 0.3707, radius: 0.1 },
  fullDoubleHeight: null,
} as const satisfies ThreadForm;

/** The 30 degree trapezoidal form of ISO 2901: H1 = P/2, H = 1.866 P. */
export const FORM_TRAPEZOIDAL = {
  id: 'trapezoidal',
  name: '30° (ISO 2901)',
  flankAngleDeg: 15,
  fundamentalHeight: 1.866025,
  majorToPitch: 0.5,
  majorToMinor: 1,
  majorToRoundedRoot: null,
  crestRadius: 0,
  usualTip: { flat: 0.366, radius: 0.1 },
  fullDoubleHeight: null,
} as const satisfies ThreadForm;

/** The 55 degree Whitworth form of BS 84 and ISO 228-1: h = 0.640327 P, r = 0.137329 P at crest and root. */
export const FORM_WHITWORTH = {
  id: 'whitworth',
  name: '55° (BS 84, ISO 228-1)',
  flankAngleDeg: 27.5,
  fundamentalHeight: 0.960491,
  majorToPitch: 0.640327,
  majorToMinor: 1.280654,
  majorToRoundedRoot: 1.280654,
  crestRadius: 0.137329,
  usualTip: { flat: 0.166667, radius: 0.137329 },
  fullDoubleHeight: null,
} as const satisfies ThreadForm;

/** The square form, height and width P/2. Common practice: no standard gives its limits. */
export const FORM_SQUARE = {
  id: 'square',
  name: 'square (common practice)',
  flankAngleDeg: 0,
  fundamentalHeight: null,
  majorToPitch: 0.5,
  majorToMinor: 1,
  majorToRoundedRoot: null,
  crestRadius: 0,
  usualTip: { flat: 0.5, radius: 0 },
  fullDoubleHeight: null,
} as const satisfies ThreadForm;
