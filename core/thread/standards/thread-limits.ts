export interface Band {
  min: number;
  max: number;
}

type Standard = 'ASME B1.1' | 'ISO 965-1' | 'ASME B1.5' | 'ISO 2903' | 'BS 84' | 'ISO 228-1';

/** Limits of size of an external thread, in the thread's unit, rounded as the standard rounds them. */
export interface ExternalLimits {
  side: 'external';
  standard: Standard;
  /** Distance of the maximum profile under the basic profile, on the pitch diameter. */
  allowance: number;
  major: Band;
  pitchDiameter: Band;
  /** Null where the standard leaves the lower limit open. */
  minor: { min: number | null; max: number };
  /** Maximum minor diameter with a rounded root: UNR of ASME B1.1, d3 of ISO 965-1. Null where the form keeps a flat. */
  roundedRootMinorMax: number | null;
  tolerance: { major: number; pitchDiameter: number };
}

/** Limits of size of an internal thread, in the thread's unit, rounded as the standard rounds them. */
export interface InternalLimits {
  side: 'internal';
  standard: Standard;
  /** Distance of the minimum profile over the basic profile, on the pitch diameter. */
  allowance: number;
  /** Null where the standard leaves the upper limit open. */
  major: { min: number; max: number | null };
  pitchDiameter: Band;
  minor: Band;
  tolerance: { minor: number; pitchDiameter: number };
}

export type ThreadLimits = ExternalLimits | InternalLimits;

/** Diameter of the crest by its limits: major of an external, minor of an internal thread. */
export function crestLimits(limits: ThreadLimits): Band {
  return limits.side === 'external' ? limits.major : limits.minor;
}
