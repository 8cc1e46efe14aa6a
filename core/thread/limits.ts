import { bad, good, type Result } from '../errors/field-issue';
import { metricExternalLimits } from './limits-metric';
import { unifiedExternalLimits } from './limits-unified';
import type { Thread } from './thread';

export interface Band {
  min: number;
  max: number;
}

/** Limits of size, in the thread's unit, rounded as the standard rounds them. */
export interface ExternalLimits {
  standard: 'ASME B1.1' | 'ISO 965-1';
  /** Distance of the maximum profile under the basic profile, on the diameter. */
  allowance: number;
  major: Band;
  pitchDiameter: Band;
  /** The standards leave the lower limit of the external minor diameter open. */
  minor: { min: null; max: number };
  tolerance: { major: number; pitchDiameter: number };
}

/** Limits of an external thread. An internal one is refused at `field`. */
export function externalLimits(thread: Thread, field = 'thread'): Result<ExternalLimits> {
  if (thread.side === 'internal') {
    const use = thread.system === 'unified' ? '1A, 2A or 3A' : '6g or 6h';
    return bad(
      field,
      'unsupported',
      `This is an internal class. The exercise cuts an external thread: use ${use}.`,
    );
  }
  return good(thread.system === 'unified' ? unifiedExternalLimits(thread) : metricExternalLimits(thread));
}
