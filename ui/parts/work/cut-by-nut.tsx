import { readingTyped } from '@/core/machine/lathe/shown-reading';
import type { Prediction } from '@/core/exercise/record/state/predict';
import { sheetShownBy, shownOnSheet } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { roundTo } from '@/core/base/units/round';
import { Button } from '@/ui/kit/button';
import { onDial } from './on-dial';
import { slideWord } from '../sheet/slide-word';

/** What the last answer of the nut says to take, at one touch; nothing where the plan takes the same. */
export function CutByNut({
  sheet,
  prediction: { nut, next, reading },
  onRecord,
}: {
  sheet: Sheet;
  prediction: Prediction;
  onRecord: (fields: Record<string, string>) => void;
}) {
  const infeed = nut?.reckoning.nextInfeed ?? null;
  // With several starts each of them is cut on first.
  if (infeed === null || sheet.thread.starts > 1) return null;
  const { unit } = reading;
  const value = roundTo(reading.value + onDial(sheet, infeed), 6);
  if (next !== null && Math.abs(next.dialReading.value - value) < 1e-9) return null;
  return (
    <Button
      size="bench"
      className="min-h-12"
      onClick={() => onRecord({ reading: String(readingTyped(value, sheetShownBy(sheet))) })}
    >
      {`Cut ${onDial(sheet, infeed)} ${unit} more${next === null ? '' : ' instead'}: ${slideWord(sheet)} to ${shownOnSheet({ value, unit }, sheet)}`}
    </Button>
  );
}
