/**
 * A thread form as data. Flank angles are counted from the perpendicular to the axis; heights are in pitches.
 */
export interface ThreadForm {
  name: string;
  /** Half angle of a symmetric form, degrees. */
  flankAngleDeg: number;
  /** Height of the fundamental triangle, H / P. */
  fundamentalHeight: number;
  /** (major - pitch diameter) / P of the basic profile. */
  majorToPitch: number;
  /** (major - minor diameter) / P of the basic profile. */
  majorToMinor: number;
  /** (major - minor diameter) / P with a root rounded by r = H/6: UNR, and d3 of ISO 965-1. */
  majorToRoundedRoot: number;
}

/** Factor by which ASME B1.1 and ISO 724 take the pitch diameter under the major: 3/4 H. */
export const MAJOR_TO_PITCH_60 = 0.64951905;

/** The 60 degree basic profile of ISO 68-1 and ASME B1.1: H = 0.866025404 P, crest P/8, root P/4. */
export const FORM_60: ThreadForm = {
  name: '60° (ISO 68-1, ASME B1.1)',
  flankAngleDeg: 30,
  fundamentalHeight: 0.866025404,
  majorToPitch: MAJOR_TO_PITCH_60,
  majorToMinor: 1.08253175,
  majorToRoundedRoot: 1.22686932,
};
