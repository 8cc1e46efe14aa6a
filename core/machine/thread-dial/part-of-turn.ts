import Fraction from 'fraction.js';

/** A place on the dial as an exact part of its turn, 0 up to but not including 1; null where the text is none. */
export function partOfTurn(text: string): Fraction | null {
  if (!/^(?:\d{1,6}\/[1-9]\d{0,5}|0?\.\d{1,8}|0)$/.test(text.trim())) return null;
  const place = new Fraction(text.trim());
  return place.compare(1) < 0 ? place : null;
}
