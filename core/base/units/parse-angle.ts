import { bad, type Result } from '../errors/field-issue';
import { parseFigures } from './parse-length';
import { typedText } from './typed-text';

/** Reads an angle in degrees (`29.5`, `29.5°`, `29.5 deg`) between two limits, both allowed. */
export function parseAngleDeg(field: string, text: string, minDeg: number, maxDeg: number): Result<number> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = short.value;
  if (typed === '')
    return bad(field, 'required', `Type an angle from ${minDeg} to ${maxDeg} degrees, such as 29.5.`);
  const number = parseFigures(field, typed.replace(/ ?(°|deg|degrees)$/i, ''));
  if (!number.ok) return number;
  if (number.value < minDeg || number.value > maxDeg) {
    return bad(
      field,
      'out-of-range',
      `${number.value}° is outside ${minDeg} to ${maxDeg}°. Count the angle from the cross-slide axis: usual is 29 to 30.`,
    );
  }
  return number;
}
