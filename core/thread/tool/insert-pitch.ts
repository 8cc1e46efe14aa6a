import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { lengthIn, type Length, type LengthUnit } from '@/core/base/units/length';
import { parseFigures, parseLength } from '@/core/base/units/parse-length';
import { typedText } from '@/core/base/units/typed-text';

/** A pitch as an insert's box gives it: a length, or threads per inch. */
export type InsertPitch = { length: Length; threadsPerInch: null } | { length: null; threadsPerInch: number };

/** The pitch in a unit. */
export function insertPitchIn(pitch: InsertPitch, unit: LengthUnit): number {
  return pitch.length === null
    ? lengthIn({ value: 1 / pitch.threadsPerInch, unit: 'in' }, unit)
    : lengthIn(pitch.length, unit);
}

/** As the box says it: `8 TPI`, `1.5 mm`. */
export function showInsertPitch({ length, threadsPerInch }: InsertPitch): string {
  return length === null ? `${threadsPerInch} TPI` : `${Number(length.value.toFixed(5))} ${length.unit}`;
}

const TPI = /\s*(tpi|threads per inch|g\/?\s?"|")$/i;
/** No lathe cuts a pitch of so many inches: threads per inch are meant, and asked for rather than guessed. */
const LEAST_PLAIN_TPI = 4;

/**
 * Pitches of an insert as they are printed: `0.0625`, `1.5 mm`, `8 TPI`, and ranges `28-8 TPI`, `0.5-1.5 mm`. A range
 * gives the finest and the coarsest in this order, however it is printed.
 * @param unit unit that a bare number has here
 */
export function parseInsertPitches(
  field: string,
  text: string,
  unit: LengthUnit,
): Result<{ from: InsertPitch; to: InsertPitch }> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const range = /^(.+?)\s*(?:-|–|to|\.\.)\s*(.+)$/i.exec(short.value);
  const tail = TPI.test(short.value) ? ' TPI' : (/\s*(mm|in)$/i.exec(short.value)?.[0] ?? '');
  const isFraction = short.value.includes('/');
  if (range === null || isFraction) return both(onePitch(field, short.value, unit));
  const [first = '', second = ''] = [range[1], range[2]];
  const one = onePitch(field, TPI.test(first) || /(mm|in)$/i.test(first) ? first : `${first}${tail}`, unit);
  if (!one.ok) return one;
  const other = onePitch(field, second, unit);
  if (!other.ok) return other;
  const [a, b] = [insertPitchIn(one.value, 'mm'), insertPitchIn(other.value, 'mm')];
  return good(a <= b ? { from: one.value, to: other.value } : { from: other.value, to: one.value });
}

function both(one: Result<InsertPitch>): Result<{ from: InsertPitch; to: InsertPitch }> {
  return one.ok ? good({ from: one.value, to: one.value }) : one;
}

function onePitch(field: string, text: string, unit: LengthUnit): Result<InsertPitch> {
  const isTpi = TPI.test(text);
  if (!isTpi) {
    const read = parseLength(field, text, unit);
    if (!read.ok) return read;
    const { value } = read.value.length;
    if (value <= 0) return bad(field, 'out-of-range', 'Type a pitch greater than 0.');
    return value >= LEAST_PLAIN_TPI && unit === 'in'
      ? bad(field, 'out-of-range', `${value} in is no pitch. If it is threads per inch, type ${value} TPI.`)
      : good({ length: read.value.length, threadsPerInch: null });
  }
  const tpi = parseFigures(field, text.replace(TPI, ''));
  if (!tpi.ok) return tpi;
  return tpi.value > 0
    ? good({ length: null, threadsPerInch: tpi.value })
    : bad(field, 'out-of-range', 'Type threads per inch greater than 0.');
}
