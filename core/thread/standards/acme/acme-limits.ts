import { roundTo } from '@/core/base/units/round';
import type { ExternalLimits, InternalLimits } from '../thread-limits';
import type { AcmeThread } from '../thread';

/** Pitch-diameter tolerance a P^(1/2) + b D^(1/2) and allowance c D^(1/2) by class (ASME B1.5, from memory). */
const CLASSES = {
  2: { a: 0.03, b: 0.006, allowance: 0.008 },
  3: { a: 0.014, b: 0.0028, allowance: 0.006 },
  4: { a: 0.01, b: 0.002, allowance: 0.004 },
} as const;

/** Clearance on the major and the minor diameter, inch: 0.020 for 10 threads per inch and coarser, else 0.010 (ASME B1.5). */
export function acmeClearanceIn(pitchIn: number): number {
  return pitchIn >= 0.1 - 1e-9 ? 0.02 : 0.01;
}

function sizes(thread: AcmeThread) {
  const pitchIn = thread.pitch.valueOf();
  const { a, b, allowance } = CLASSES[thread.toleranceClass.fit];
  const root = Math.sqrt(thread.nominalDiameter);
  return {
    pitchIn,
    diameterIn: thread.nominalDiameter,
    allowance: roundTo(allowance * root, 4),
    pitchTolerance: roundTo(a * Math.sqrt(pitchIn) + b * root, 4),
    crestTolerance: roundTo(Math.max(0.05 * pitchIn, 0.005), 4),
    clearance: acmeClearanceIn(pitchIn),
  };
}

/** Limits of an external general purpose Acme thread (ASME B1.5). The allowance is on the pitch diameter only. */
export function acmeExternalLimits(thread: AcmeThread): ExternalLimits {
  const { pitchIn, diameterIn, allowance, pitchTolerance, crestTolerance, clearance } = sizes(thread);
  const pitchMax = roundTo(diameterIn - pitchIn / 2 - allowance, 4);
  const minorMax = roundTo(diameterIn - pitchIn - clearance, 4);
  return {
    side: 'external',
    standard: 'ASME B1.5',
    allowance,
    major: { min: roundTo(diameterIn - crestTolerance, 4), max: roundTo(diameterIn, 4) },
    pitchDiameter: { min: roundTo(pitchMax - pitchTolerance, 4), max: pitchMax },
    minor: { min: roundTo(minorMax - 1.5 * pitchTolerance, 4), max: minorMax },
    roundedRootMinorMax: null,
    tolerance: { major: crestTolerance, pitchDiameter: pitchTolerance },
  };
}

/** Limits of an internal general purpose Acme thread (ASME B1.5). */
export function acmeInternalLimits(thread: AcmeThread): InternalLimits {
  const { pitchIn, diameterIn, pitchTolerance, crestTolerance, clearance } = sizes(thread);
  const pitchMin = roundTo(diameterIn - pitchIn / 2, 4);
  const minorMin = roundTo(diameterIn - pitchIn, 4);
  return {
    side: 'internal',
    standard: 'ASME B1.5',
    allowance: 0,
    major: { min: roundTo(diameterIn + clearance, 4), max: roundTo(diameterIn + 2 * clearance, 4) },
    pitchDiameter: { min: pitchMin, max: roundTo(pitchMin + pitchTolerance, 4) },
    minor: { min: minorMin, max: roundTo(minorMin + crestTolerance, 4) },
    tolerance: { minor: crestTolerance, pitchDiameter: pitchTolerance },
  };
}
