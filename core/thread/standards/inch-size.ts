import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { tpiOf, type Thread } from './thread';
import { isNumberedSize, numberedDiameterIn } from './unified/unified-series';

/** Size and threads per inch, which begin every inch designation, and what is left of the text. */
export interface InchSize {
  label: string;
  diameterIn: number;
  /** Exact. */
  tpi: Fraction;
  starts: number;
  rest: string;
}

const SHAPE =
  /^(?<size>#\s?\d+|no\.?\s?\d+|\d+[ -]\d+\/\d+|\d+\/\d+|\d*\.\d+|\d+)\s?(?:"|in\.?)?\s?-\s?(?<tpi>\d+ \d+\/\d+|\d*\.\d+|\d+)(?<pitch>\s?p\b)?(?<rest>.*)$/i;
const LEAD = /^\s?-\s?(?<lead>\d*\.\d+|\d+)\s?l\b/i;
const STARTS = /[\s-]*\(?(?<starts>\d+)[ -]?starts?\)?/i;

/**
 * Reads `3/4-16`, `1-1/8-8`, `.750-.0625P-.1875L`, `#10-32` or, as it is spoken, `10-32`, with `(3 starts)` anywhere behind.
 * Null when the text does not begin like an inch thread.
 */
export function readInchSize(typed: string, field: string): Result<InchSize> | null {
  const shape = SHAPE.exec(typed)?.groups;
  if (shape === undefined) return null;
  const { size: sizeText = '', tpi: tpiText = '' } = shape;
  const size = readSize(
    /^\d+$/.test(sizeText) && isNumberedSize(Number(sizeText), Number(tpiText))
      ? `#${Number(sizeText)}`
      : sizeText,
  );
  if (size === null || size.diameterIn < 0.06 || size.diameterIn > 24) {
    return bad(field, 'out-of-range', `Size ${sizeText}: type #0 to #12, or a diameter from 0.060 to 24 in.`);
  }
  const named = new Fraction(tpiText);
  if (named.n === 0n) return bad(field, 'out-of-range', `${tpiText} threads per inch: type 1 to 120.`);
  const tpi = shape.pitch === undefined ? named : tidyTpi(named.inverse());
  if (tpi.compare(1) < 0 || tpi.compare(120) > 0) {
    return bad(field, 'out-of-range', `${tpi.toFraction(true)} threads per inch: type 1 to 120.`);
  }
  if (size.diameterIn <= 1.3 / tpi.valueOf()) {
    return bad(
      field,
      'out-of-range',
      `${tpi.toFraction(true)} threads per inch are too coarse for ${sizeText}: no core is left.`,
    );
  }
  const counted = takeStarts(shape.rest ?? '', tpi, field);
  return counted.ok ? good({ ...size, tpi, ...counted.value }) : counted;
}

/** A pitch written with four places, such as .0625P, is the whole number of threads per inch that it stands for. */
function tidyTpi(tpi: Fraction): Fraction {
  const halves = Math.round(2 * tpi.valueOf());
  // Half a thread per inch is the coarsest whole half; a pitch of five inches or more has no such neighbour.
  if (halves === 0) return tpi;
  const near = new Fraction(halves, 2);
  return Math.abs(near.inverse().sub(tpi.inverse()).valueOf()) < 5.1e-5 ? near : tpi;
}

function takeStarts(text: string, tpi: Fraction, field: string): Result<{ starts: number; rest: string }> {
  let rest = text;
  let starts: number | undefined;
  const lead = LEAD.exec(rest);
  if (lead !== null) {
    const exact = Number(lead.groups?.lead) * tpi.valueOf();
    starts = Math.round(exact);
    if (starts < 1 || Math.abs(exact - starts) > 0.01)
      return bad(field, 'out-of-range', `Lead ${lead.groups?.lead} is not a whole number of pitches.`);
    rest = rest.slice(lead[0].length);
  }
  const counted = STARTS.exec(rest);
  if (counted !== null) {
    const count = Number(counted.groups?.starts);
    if (starts !== undefined && starts !== count)
      return bad(field, 'conflict', `That lead makes ${starts} starts, not ${count}.`);
    starts = count;
    rest = rest.replace(counted[0], '');
  }
  if (starts !== undefined && (starts < 1 || starts > 12))
    return bad(field, 'out-of-range', `${starts} starts: type 1 to 12.`);
  return good({ starts: starts ?? 1, rest: rest.trim().replace(/^-\s?/, '') });
}

function readSize(text: string): { label: string; diameterIn: number } | null {
  const numbered = /^(?:#|no\.?)\s?(\d+)$/i.exec(text);
  if (numbered !== null) {
    const number = Number(numbered[1]);
    return number <= 12 ? { label: `#${number}`, diameterIn: numberedDiameterIn(number) } : null;
  }
  if (/\/0+$/.test(text)) return null;
  const diameterIn = new Fraction(text.replace(/^(\d+)-/, '$1 ')).valueOf();
  return { label: labelOf(diameterIn) ?? diameterIn.toString(), diameterIn };
}

/** The label under which the series tables know a diameter, so that `.750` and `3/4` are the same thread. */
function labelOf(diameterIn: number): string | null {
  const number = (diameterIn - 0.06) / 0.013;
  const thirtySeconds = diameterIn * 32;
  if (Number.isInteger(thirtySeconds)) return new Fraction(thirtySeconds, 32).toFraction(true);
  return diameterIn < 0.25 && Math.abs(number - Math.round(number)) < 1e-9 ? `#${Math.round(number)}` : null;
}

/** Threads per inch as spoken: `16`, `11 1/2`. */
export function printTpi(thread: Pick<Thread, 'pitch' | 'unit'>): string {
  return tpiOf(thread).toFraction(true);
}

/** ` (3 starts)` behind the class; nothing for one. */
export function printStarts({ starts }: Pick<Thread, 'starts'>): string {
  return starts === 1 ? '' : ` (${starts} starts)`;
}
