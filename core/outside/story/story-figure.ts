import { readingShown } from '@/core/machine/lathe/shown-reading';
import { sheetShownBy } from '@/core/exercise/sheet/shown-on-sheet';
import type { Sheet } from '@/core/exercise/sheet/sheet';
import { lengthIn, type Length } from '@/core/base/units/length';
import { typedText } from './typed-text';
import { roundTo } from '@/core/base/units/round';

const SHOWN = /^(?:(\d+) turns? \+ )?(\d*\.?\d+)$/;

/**
 * What was cut to, counted from the zero in force: as it is told (`counted`), or from what stands on the dial or readout
 * (`reading`, with `turns` or both in one text; without them the turn in which the slide is). Null where it was not taken,
 * words where it can not be read.
 */
export function figureOnDial(
  sheet: Sheet,
  { counted, reading, turns }: Readonly<Record<string, unknown>>,
  near: Length,
): number | null | string {
  if (typeof counted === 'number') return counted;
  if (reading === null || counted === null) return null;
  const by = sheetShownBy(sheet);
  if (by.as === 'figure') {
    const figure = Number(reading);
    return Number.isFinite(figure) ? readingShown(figure, by, near) : 'reading is the figure of the readout.';
  }
  const read = SHOWN.exec(typedText(reading));
  if (read === null) return 'reading is what stands on the dial, such as 0.046 or "1 turn + 0.046".';
  const { unit } = sheet.lathe.dial.graduation;
  const turn = lengthIn(by.perTurn, unit);
  const figure = Number(read[2]);
  if (figure > turn + 1e-9) return `A dial of ${turn} ${unit} a turn shows no more: say the turns beside it.`;
  const whole = read[1] ?? turns;
  if (whole === undefined) return readingShown(figure, by, near);
  return roundTo(Number(whole) * turn + readingShown(figure, by, { value: 0, unit }), 6);
}
