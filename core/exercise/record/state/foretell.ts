import { grooveAfter } from '@/core/cutting/cut/measure-thread';
import type { CutThread } from '@/core/cutting/cut/cut-thread';
import type { Sheet, SheetPass } from '../../sheet/sheet';
import type { Band } from '@/core/thread/standards/thread-limits';
import { anchoredSize, widened, type Segment } from './segment';

/** Where a cut stands: depth fed from the segment's zero, and below the work's surface where the zero tells it. */
export interface CutDepth {
  fed: number;
  depth: number | null;
  row: SheetPass | null;
  workDiameter: number;
  tipKnown: boolean;
  /** The groove that the cuts so far have made, this one the last. */
  thread: CutThread;
}

/** A size that is foretold: exactly, or within a band where tip or zero leave one. Both null: nothing is. */
export interface Foretold {
  pitchDiameter: number | null;
  band: Band | null;
}

const NOTHING: Foretold = { pitchDiameter: null, band: null };

/**
 * What is foretold of a cut: by what was last measured or tried, or else by the groove that the cuts so far have made with
 * this tip from this zero, each as far as it is known.
 */
export function foretold(sheet: Sheet, segment: Segment, cut: CutDepth): Foretold {
  const { anchor, foretells, uncertainty } = segment;
  if (!foretells) return NOTHING;
  if (anchor !== null) return asForetold(anchoredSize(sheet, anchor, cut.fed));
  const { depth, thread } = cut;
  if (depth === null) return NOTHING;
  if (!cut.tipKnown) return asForetold(tipBandAt(sheet, cut, depth));
  const pose = thread.poses.at(-1);
  const size = pose === undefined ? null : grooveAfter(thread, thread.poses.length, pose).pitchDiameter;
  if (size === null) return NOTHING;
  return asForetold(widened({ min: size, max: size }, 2 * uncertainty));
}

function asForetold(band: Band | null): Foretold {
  if (band === null) return NOTHING;
  return band.max - band.min < 1e-9 ? { pitchDiameter: band.min, band: null } : { pitchDiameter: null, band };
}

/** With a tip that was not measured: from a pointed one to the bluntest of the sheet, shifted to the real depth. */
function tipBandAt(sheet: Sheet, { row, workDiameter }: CutDepth, depth: number): Band | null {
  const near =
    row?.pitchDiameterBand == null ? sheet.passes.find((pass) => pass.pitchDiameterBand !== null) : row;
  const band = near?.pitchDiameterBand;
  if (near === undefined || band === null || band === undefined) return null;
  const sign = sheet.thread.side === 'external' ? -1 : 1;
  const shift = sign * 2 * (depth - near.radialDepth) + (workDiameter - sheet.workDiameter);
  const [min, max] = [band.min + shift, band.max + shift];
  if (sheet.reckoned === 'as-planned') return { min, max };
  // No thread has a pitch diameter beyond its bar, or within its bore: there the flanks have no size yet.
  const external = sheet.thread.side === 'external';
  if (external ? min >= workDiameter : max <= workDiameter) return null;
  return external ? { min, max: Math.min(max, workDiameter) } : { min: Math.max(min, workDiameter), max };
}
