import { bad, good, type Result } from '../errors/field-issue';
import { metricExternalLimits } from './limits-metric';
import { metricInternalLimits } from './limits-metric-internal';
import { engagementLengthIn, unifiedExternalLimits } from './limits-unified';
import { unifiedInternalLimits } from './limits-unified-internal';
import type { Thread } from './thread';

export interface Band {
  min: number;
  max: number;
}

type Standard = 'ASME B1.1' | 'ISO 965-1';

/** Limits of size of an external thread, in the thread's unit, rounded as the standard rounds them. */
export interface ExternalLimits {
  side: 'external';
  standard: Standard;
  /** Distance of the maximum profile under the basic profile, on the diameter. */
  allowance: number;
  major: Band;
  pitchDiameter: Band;
  /** The standards leave the lower limit of the external minor diameter open. */
  minor: { min: null; max: number };
  /** Maximum minor diameter with a rounded root: UNR of ASME B1.1, d3 of ISO 965-1. */
  roundedRootMinorMax: number;
  tolerance: { major: number; pitchDiameter: number };
}

/** Limits of size of an internal thread, in the thread's unit, rounded as the standard rounds them. */
export interface InternalLimits {
  side: 'internal';
  standard: Standard;
  /** Distance of the minimum profile over the basic profile, on the diameter. */
  allowance: number;
  /** The standards leave the upper limit of the internal major diameter open. */
  major: { min: number; max: null };
  pitchDiameter: Band;
  minor: Band;
  tolerance: { minor: number; pitchDiameter: number };
}

export type ThreadLimits = ExternalLimits | InternalLimits;

/**
 * Limits of size of a thread by its class.
 *
 * @param engagement length of engagement in the thread's unit when it is beyond the normal one: ASME B1.1 scales the
 *   pitch-diameter tolerance by it. ISO 965-1 keeps the tolerance and recommends another class; see `engagementGroup`.
 */
export function threadLimits(thread: Thread, engagement?: number): ThreadLimits {
  if (thread.system === 'unified') {
    const scaled =
      engagement !== undefined && engagement > engagementLengthIn(thread) ? engagement : undefined;
    return thread.side === 'external'
      ? unifiedExternalLimits(thread, scaled)
      : unifiedInternalLimits(thread, scaled);
  }
  return thread.side === 'external' ? metricExternalLimits(thread) : metricInternalLimits(thread);
}

/** Limits of an external thread. An internal one is refused at `field`. */
export function externalLimits(thread: Thread, field = 'thread'): Result<ExternalLimits> {
  const limits = threadLimits(thread);
  if (limits.side === 'external') return good(limits);
  const use = thread.system === 'unified' ? '1A, 2A or 3A' : '6g or 6h';
  return bad(
    field,
    'unsupported',
    `This is an internal class. The exercise cuts an external thread: use ${use}.`,
  );
}
