import { liftSheet5 } from '@/core/exercise/sheet/older/lift-sheet-5';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import type { EarlierTry } from '@/core/exercise/record/shown/earlier-try';

/** Of a piece that this device keeps what another release may have kept otherwise. */
interface Kept {
  sheet: Sheet | null;
  earlier?: EarlierTry | null;
}

/** A piece as this release reads it: an earlier one may have kept it, and there may be no network to ask again. */
export function keptAttempt<T extends Kept>(known: T): T {
  const { earlier } = known;
  // Until the server tells it: an earlier release kept only the steps.
  const told = earlier !== undefined && earlier !== null && 'how' in earlier ? earlier : null;
  return { ...known, sheet: sheetOfToday(known.sheet), earlier: told };
}

function sheetOfToday(sheet: Sheet | null): Sheet | null {
  if (sheet === null || Number(sheet.version) !== 5) return sheet;
  return liftSheet5(sheet) as unknown as Sheet;
}
