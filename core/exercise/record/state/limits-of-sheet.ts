import type { Sheet } from '../../sheet/sheet';

/** The limits of a sheet as far as a nut needs them: crest and pitch diameter. */
export function limitsOfSheet({ thread, limits }: Sheet): {
  side: 'external' | 'internal';
  pitchDiameter: { min: number; max: number };
  crest: { min: number; max: number };
} {
  return { side: thread.side, pitchDiameter: limits.pitchDiameter, crest: limits.crest };
}
