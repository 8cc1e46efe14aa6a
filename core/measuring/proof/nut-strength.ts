import type { Band, ThreadLimits } from '@/core/thread/standards/thread-limits';

/**
 * What a nut (internal: a plug) that runs free lets pass beside the limits of the class: the pitch diameters from the
 * limit of the class on to the farthest that this nut may still take. Null where it takes none.
 */
export function takesOutOfClass({ side, pitchDiameter }: ThreadLimits, nut: Band): Band | null {
  const out =
    side === 'external' ? { min: pitchDiameter.max, max: nut.max } : { min: nut.min, max: pitchDiameter.min };
  return out.max - out.min > 1e-9 ? out : null;
}
