import { mixed, object } from 'yup';
import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { advanceOfMm, advanceOfTpi, exactFigure, type Advance } from '@/core/machine/gearing/advance';
import { positive } from './request';

/** A count of gears, marks or starts: a whole number of 1 or more. */
export const count = (most: number) =>
  positive().integer('${path} must be a whole number.').max(most, `\${path} is ${most} at most.`);

const exact = () =>
  mixed<number | string>().test(
    'figure',
    '${path} must be a number greater than 0, or text such as "11 1/2".',
    (value) => value === undefined || exactOf(value) !== null,
  );

/** `{"tpi":8}`, `{"tpi":"11 1/2"}` or `{"pitch":3}` in mm. */
export const advance = (name: string) =>
  object({ tpi: exact(), pitch: exact() })
    .strict()
    .typeError(`${name} must be {"tpi":..} or {"pitch":..} in mm.`)
    .noUnknown(`${name} has a field that is not known: \${unknown}.`)
    .default(undefined)
    .required(`${name} is missing.`);

/** One of the two, exact. */
export function readAdvance(
  field: string,
  given: { tpi?: number | string | undefined; pitch?: number | string | undefined },
): Result<Advance> {
  const { tpi, pitch } = given;
  if ((tpi === undefined) === (pitch === undefined))
    return bad(field, 'required', `${field} must be {"tpi":..} or {"pitch":..} in mm, one of them.`);
  const figure = exactOf(tpi ?? pitch);
  if (figure === null) return bad(field, 'out-of-range', `${field} must be greater than 0.`);
  return good(tpi === undefined ? advanceOfMm(figure) : advanceOfTpi(figure));
}

/** A number of JSON stands for the decimal figure that is written. */
export function exactOf(value: unknown): Fraction | null {
  if (typeof value === 'string')
    return value.length > 30 ? null : exactFigure(value.trim().replace(/\s+/g, ' '));
  if (typeof value !== 'number' || !Number.isFinite(value) || value < 1e-6 || value > 1e6) return null;
  return new Fraction(String(value));
}
