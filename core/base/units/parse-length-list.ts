import { good, type Result } from '../errors/field-issue';
import type { Length, LengthUnit } from './length';
import { parseLength } from './parse-length';
import { typedText } from './typed-text';

/** A list of some fifty readings. */
const MOST_LIST = 500;

/**
 * Reads lengths parted by spaces or semicolons: `0.7051 0.7050;0.7052`. Each is in `unit` unless it names its own
 * (`1.35mm 0.0577in`), and comes in that unit, or with `as: 'given'` in its own. Nothing typed is no length; the first unreadable one is refused at `field`.
 */
export function parseLengthList(
  field: string,
  text: string,
  unit: LengthUnit,
  as: 'unit' | 'given' = 'unit',
): Result<Length[]> {
  const lengths: Length[] = [];
  const short = typedText(field, text, MOST_LIST);
  if (!short.ok) return short;
  const parts = short.value
    .replace(/(\d) (mm|in)\b/gi, '$1$2')
    .split(/[ ;]+/)
    .filter((part) => part !== '');
  for (const part of parts) {
    const read = parseLength(field, part, unit);
    if (!read.ok) return read;
    lengths.push(as === 'given' ? read.value.given : read.value.length);
  }
  return good(lengths);
}
