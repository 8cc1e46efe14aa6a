import { MOST_LENGTH } from '@/core/base/documents/nonsense';
import type { FieldIssue } from '@/core/base/errors/field-issue';
import type { Sheet } from '../../sheet/sheet';
import { formatLength } from '@/core/base/units/format-length';
import type { LengthUnit } from '@/core/base/units/length';

/**
 * The first of some lengths in the thread's unit that no thread of this sheet can have; null when all can be. Without a
 * sheet yet any size of a lathe is believed.
 */
export function unbelievable(
  lengths: Readonly<Record<string, number | null>>,
  sheet: Sheet | null,
  otherwise: LengthUnit = 'mm',
): FieldIssue | null {
  const unit = sheet?.thread.unit ?? otherwise;
  // Five times the work: over wires, balls or a worn ring nothing about this thread reads more.
  const most = sheet === null ? MOST_LENGTH[unit] : 5 * sheet.workDiameter;
  const found = Object.entries(lengths).find(([, length]) => length !== null && Math.abs(length) > most);
  if (found === undefined) return null;
  const [field, length] = found;
  const shown = (value: number) => `${formatLength({ value, unit })} ${unit}`;
  return {
    field,
    code: 'out-of-range',
    message: `${shown(length ?? 0)} can not be read at this thread: at most ${shown(most)}.`,
  };
}
