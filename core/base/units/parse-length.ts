import { bad, good, type Result } from '../errors/field-issue';
import { formatLength } from './format-length';
import { lengthIn, type Length, type LengthUnit } from './length';
import { typedText } from './typed-text';

const UNIT_WORDS: Record<string, LengthUnit> = {
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  mm: 'mm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
};

export interface ReadLength {
  /** In the unit that it names itself. */
  given: Length;
  length: Length;
  /** How the text was understood, when that is not plain: a fraction or a pasted unit. */
  note: string | null;
}

/**
 * Reads a length as people type it: `0.748`, `.748`, `3/4`, `1 1/8`, `19 mm`, `0.75"`.
 * The result is in the field's own unit; a unit that was pasted along is converted and said so.
 * A decimal comma is refused rather than guessed at, since `1,250` may mean two things.
 *
 * @param field name of the field, for the message
 * @param unit  unit that a bare number has here
 */
export function parseLength(field: string, text: string, unit: LengthUnit): Result<ReadLength> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = short.value;
  const [name, example] = unit === 'in' ? ['inches', '0.748'] : ['mm', '15.93'];
  if (typed === '') return bad(field, 'required', `Type a length in ${name}, such as ${example}.`);
  const match = /^([^a-z"″”]*?) ?([a-z]+|["″”])?$/i.exec(typed);
  const word = match?.[2]?.toLowerCase();
  const figures = match?.[1]?.trim() ?? '';
  const given = word === undefined ? undefined : UNIT_WORDS[word];
  if (match === null || figures === '' || (word !== undefined && given === undefined)) {
    return bad(
      field,
      'not-a-number',
      `“${typed}” is not a length. Type a number in ${name}, such as ${example}.`,
    );
  }
  const number = parseFigures(field, figures);
  if (!number.ok) return number;
  const isFraction = figures.includes('/');
  if (isFraction && (given ?? unit) === 'mm') {
    return bad(
      field,
      'not-a-number',
      `Fractions are inches here: type the decimal in mm, or “${figures} in”.`,
    );
  }
  const source: Length = { value: number.value, unit: given ?? unit };
  const length: Length = { value: lengthIn(source, unit), unit };
  const plain = !isFraction && (given === undefined || given === unit);
  return good({
    given: source,
    length,
    note: plain ? null : `${typed} is read as ${formatLength(length)} ${unit}.`,
  });
}

/** No length, speed or angle of the trade is near it; beyond, sums and conversions would leave the finite numbers. */
const LARGEST = 1e9;

/** Reads decimal or fraction figures without a unit; the value is finite and under a thousand million. */
export function parseFigures(field: string, text: string): Result<number> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const number = figuresOf(field, short.value);
  if (number.ok && !(Math.abs(number.value) < LARGEST))
    return bad(field, 'out-of-range', 'That is larger than any figure here: type fewer figures.');
  return number;
}

function figuresOf(field: string, figures: string): Result<number> {
  if (/^[+-]?\d*,\d+$/.test(figures)) {
    const point = figures.replace(',', '.');
    return bad(
      field,
      'decimal-comma',
      `Use a decimal point: ${point.startsWith('.') ? `0${point}` : point}.`,
    );
  }
  if (/^[+-]?(\d+\.?\d*|\.\d+)$/.test(figures)) return good(Number(figures));
  const fraction = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(figures);
  if (fraction !== null) {
    const [, whole, over, under] = fraction;
    if (Number(under) === 0) return bad(field, 'not-a-number', 'A fraction can not have 0 below the line.');
    return good(Number(whole ?? 0) + Number(over) / Number(under));
  }
  return bad(
    field,
    'not-a-number',
    `“${figures}” is not a number. Type figures with a decimal point, such as 0.748.`,
  );
}

/** Reads a whole number in a range, for counts of passes and for spindle speeds. */
export function parseWhole(
  field: string,
  text: string,
  min: number,
  max: number,
  what: string,
): Result<number> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = short.value;
  if (typed === '') return bad(field, 'required', `Type ${what}: a whole number from ${min} to ${max}.`);
  const number = parseFigures(field, typed.replace(/ ?(rpm|passes|pass)$/i, ''));
  if (!number.ok) return number;
  if (!Number.isInteger(number.value) || number.value < min || number.value > max) {
    return bad(field, 'out-of-range', `Type ${what} as a whole number from ${min} to ${max}.`);
  }
  return number;
}
