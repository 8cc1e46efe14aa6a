import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { typedText } from '@/core/base/units/typed-text';

/** One inch in millimetres, exact by definition. */
const INCH_MM = new Fraction(127, 5);

/** How far something advances in one turn: a lead screw, or the thread to be cut. */
export interface Advance {
  system: 'inch' | 'metric';
  /** Exact, in mm. */
  mm: Fraction;
}

/** What a figure of an advance may be written as: `13`, `11.5`, `11 1/2`, `7/8`. */
const FIGURE = /^(?:\d{1,6} \d{1,4}\/\d{1,4}|\d{1,6}\/\d{1,6}|\d{0,6}\.\d{1,10}|\d{1,6}\.?)$/;

/** An exact number as it is written; null where it is none, or not greater than 0. @example exactFigure('11 1/2') // 23/2 */
export function exactFigure(text: string): Fraction | null {
  const typed = text.trim().replace(/\.$/, '');
  if (!FIGURE.test(typed) || /\/0+$/.test(typed)) return null;
  const figure = new Fraction(typed.startsWith('.') ? `0${typed}` : typed);
  return figure.compare(0) > 0 ? figure : null;
}

/** @param perInch threads per inch, greater than 0 */
export const advanceOfTpi = (perInch: Fraction): Advance => ({ system: 'inch', mm: INCH_MM.div(perInch) });
/** @param pitch in mm, greater than 0 */
export const advanceOfMm = (pitch: Fraction): Advance => ({ system: 'metric', mm: pitch });

/**
 * `13 TPI`, `11 1/2 TPI`, `1.5 mm`. A bare figure is of the system given: charts head a whole column with it.
 * @param bare system of a figure without its unit
 */
export function parseAdvance(field: string, text: string, bare: Advance['system'] = 'inch'): Result<Advance> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = short.value.replace('½', ' 1/2').replace('¼', ' 1/4').replace('¾', ' 3/4').trim();
  const [, figures = '', unit = ''] = /^(.*?)\s*(tpi|t\.p\.i\.|mm)?$/i.exec(typed) ?? [];
  const metric = unit === '' ? bare === 'metric' : /mm/i.test(unit);
  if (/^\d+,\d+$/.test(figures))
    return bad(field, 'decimal-comma', `Write ${figures.replace(',', '.')} with a point.`);
  const figure = exactFigure(figures.replace(/\s+/g, ' '));
  if (figure === null)
    return bad(field, 'unreadable', `“${short.value}” is no thread: write 13 TPI, 11 1/2 TPI or 1.5 mm.`);
  if (
    metric
      ? figure.compare(0.05) < 0 || figure.compare(100) > 0
      : figure.compare(0.25) < 0 || figure.compare(400) > 0
  )
    return bad(
      field,
      'out-of-range',
      metric ? 'A pitch is 0.05 to 100 mm.' : 'Threads per inch are 1/4 to 400.',
    );
  return good(metric ? advanceOfMm(figure) : advanceOfTpi(figure));
}

/** As it is said at the lathe. @example advanceText(advance of 11 1/2 TPI) // '11 1/2 TPI' */
export function advanceText({ system, mm }: Advance): string {
  if (system === 'inch') return `${mixedText(INCH_MM.div(mm))} TPI`;
  return `${mm.toString(6).includes('(') ? mixedText(mm) : String(mm.valueOf())} mm`;
}

function mixedText(figure: Fraction): string {
  return figure.toFraction(true);
}
