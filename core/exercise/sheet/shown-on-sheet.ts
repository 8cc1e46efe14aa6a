import { shownReading, type ShownBy } from '@/core/machine/lathe/shown-reading';
import type { Length } from '@/core/base/units/length';
import type { Sheet } from './sheet';

/** How the readings of a sheet stand on its dial or readout. */
export function sheetShownBy({ feed, lathe }: Pick<Sheet, 'feed' | 'lathe'>): ShownBy {
  const { as, counts, zeroFigure } = feed;
  return { as, counts, zeroFigure, perTurn: lathe.dial.perTurn };
}

/** A reading that counts from touch-off, as the dial or the readout shows it. */
export function shownOnSheet(reading: Length, sheet: Pick<Sheet, 'feed' | 'lathe'>): string {
  return shownReading(reading, sheetShownBy(sheet));
}
