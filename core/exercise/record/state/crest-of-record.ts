import { eventData } from '../entry/events';
import { pitchDiameterByCrestFlat } from '@/core/measuring/proof/crest-flat';
import type { Sheet } from '../../sheet/sheet';
import { isKind, type Entry } from '../entry/entry';

/** The crest diameter by what was measured last: in a final check, with a trial, after filing, or as the blank; else the sheet's. */
function crestOfRecord(sheet: Sheet, live: readonly Entry[]): number {
  return live.reduce((crest, entry) => {
    if (isKind('measurement')(entry) || isKind('trial')(entry)) return entry.content.crest ?? crest;
    if (isKind('event')(entry) && eventData(entry.content.event)?.works === 'crests')
      return entry.content.value ?? crest;
    if (isKind('refigure')(entry) && entry.content.what === 'work-diameter') return entry.content.value;
    return crest;
  }, sheet.workDiameter);
}

/** Pitch diameter that a measured crest flat says, whatever the tip. */
export function sizeByCrestFlat(sheet: Sheet, live: readonly Entry[], crestFlat: number): number {
  const { side, pitch, flankAngleDeg } = sheet.thread;
  return pitchDiameterByCrestFlat(side, crestOfRecord(sheet, live), pitch, crestFlat, flankAngleDeg);
}
