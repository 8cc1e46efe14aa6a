import { eventData } from '../entry/events';
import { crestFlatAt, pitchDiameterByCrestFlat } from '@/core/measuring/proof/crest-flat';
import type { Band } from '@/core/thread/standards/thread-limits';
import type { Sheet } from '../../sheet/sheet';
import { isKind, type Entry } from '../entry/entry';

/** The crest diameter by what was measured last: in a final check, with a trial, after filing, or as the blank; else the sheet's. */
export function crestOfRecord(sheet: Sheet, live: readonly Entry[]): number {
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

/** The flat that is left on a crest of that diameter by the sizes that are possible now. */
export function crestFlatBySize({ thread }: Sheet, crest: number, size: Band): Band {
  const { side, pitch, flankAngleDeg } = thread;
  const ends = [size.min, size.max].map((at) => crestFlatAt(side, crest, pitch, at, flankAngleDeg));
  return { min: Math.min(...ends), max: Math.max(...ends) };
}
