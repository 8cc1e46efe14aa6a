import { roundTo } from '@/core/base/units/round';
import type { ExternalLimits, InternalLimits } from '../thread-limits';
import type { PipeThread } from '../thread';
import { PIPE_SIZES, type PipeSize } from './pipe-sizes';

function sizeOf(thread: PipeThread): PipeSize {
  const size = PIPE_SIZES[thread.sizeLabel];
  if (size === undefined) throw new RangeError(`ISO 228-1 has no size ${thread.sizeLabel}`);
  return size;
}

/** Limits of an external parallel pipe thread, class A or B (ISO 228-1). */
export function pipeExternalLimits(thread: PipeThread): ExternalLimits {
  const { majorMm, heightMm, pitchToleranceMm } = sizeOf(thread);
  const pitchTolerance = thread.toleranceClass?.fit === 'B' ? 2 * pitchToleranceMm : pitchToleranceMm;
  const majorTolerance = 2 * pitchToleranceMm;
  const pitchMax = roundTo(majorMm - heightMm, 3);
  return {
    side: 'external',
    standard: 'ISO 228-1',
    allowance: 0,
    major: { min: roundTo(majorMm - majorTolerance, 3), max: majorMm },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 3), max: pitchMax },
    minor: { min: null, max: roundTo(majorMm - 2 * heightMm, 3) },
    roundedRootMinorMax: null,
    tolerance: { major: majorTolerance, pitchDiameter: pitchTolerance },
  };
}

/** Limits of an internal parallel pipe thread (ISO 228-1). */
export function pipeInternalLimits(thread: PipeThread): InternalLimits {
  const { majorMm, heightMm, pitchToleranceMm, minorToleranceMm } = sizeOf(thread);
  const pitchMin = roundTo(majorMm - heightMm, 3);
  const minorMin = roundTo(majorMm - 2 * heightMm, 3);
  return {
    side: 'internal',
    standard: 'ISO 228-1',
    allowance: 0,
    major: { min: majorMm, max: null },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchToleranceMm, 3) },
    minor: { min: minorMin, max: roundTo(minorMin + minorToleranceMm, 3) },
    tolerance: { minor: minorToleranceMm, pitchDiameter: pitchToleranceMm },
  };
}
