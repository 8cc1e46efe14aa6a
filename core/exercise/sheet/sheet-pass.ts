import type { Pass } from '@/core/cutting/schedule/passes-on-dial';
import type { SheetPass } from './sheet';

/** A pass as a sheet keeps it: what the schedule gives, and what only its row says. */
export function sheetPassOf(
  pass: Pass,
  ofRow: Pick<SheetPass, 'pitchDiameterBand' | 'until' | 'drive'>,
): SheetPass {
  const { n, kind, start, dialInfeed, dialReading, infeed, reading } = pass;
  const { radialDepth, chipArea, pitchDiameter, overWires, crestFlat } = pass;
  return {
    n,
    kind,
    start,
    dialInfeed,
    dialReading,
    infeed,
    reading,
    radialDepth,
    chipArea,
    pitchDiameter,
    overWires,
    crestFlat,
    ...ofRow,
  };
}
