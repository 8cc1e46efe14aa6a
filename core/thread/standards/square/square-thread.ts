import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { typedText } from '@/core/base/units/typed-text';
import type { LengthUnit } from '@/core/base/units/length';
import { printTpi, readInchSize } from '../inch-size';
import { takeMember } from '../member';
import { tidy } from '../tidy';
import type { Hand } from '../thread';
import { FORM_SQUARE } from '../thread-form';

/** A plain square thread: sizes without limits, as no standard gives them (common practice). Lengths in `unit`. */
export interface SquareThread {
  designation: string;
  unit: LengthUnit;
  hand: Hand;
  starts: number;
  pitch: number;
  lead: number;
  major: number;
  pitchDiameter: number;
  minor: number;
  /** Radial depth of the groove and width of the tool: both P / 2. */
  depth: number;
  toolWidth: number;
}

const METRIC = /^(?<size>\d*\.?\d+)\s?x\s?(?<lead>\d*\.?\d+)\s?(?:\(\s?p\s?(?<pitch>\d*\.?\d+)\s?\))?$/i;
const WORD = /(^|\s|-)sq(?:uare)?\.?(?=\s|\d|$)/i;

/** Whether a text names a square thread: `Sq 1-4`, `1-4 square`, `Sq 30x6`. */
export function namesSquare(text: string): boolean {
  const short = typedText('thread', text);
  return short.ok && WORD.test(tidy(short.value));
}

/** Reads a square thread. @example readSquare('Sq 1-4') // major 1, minor 0.75, tool 0.125 wide */
export function readSquare(text: string, field = 'thread'): Result<SquareThread> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const { rest, hand } = takeMember(tidy(short.value).replace(WORD, ' ').trim().replace(/-$/, '').trim());
  const metric = METRIC.exec(rest)?.groups;
  if (metric !== undefined) {
    const lead = new Fraction(metric.lead ?? '0');
    const pitch = metric.pitch === undefined ? lead : new Fraction(metric.pitch);
    if (pitch.n === 0n) return bad(field, 'out-of-range', 'The pitch must be greater than 0.');
    const starts = lead.div(pitch);
    if (starts.d !== 1n || starts.n < 1n || starts.n > 12n)
      return bad(field, 'out-of-range', `Lead ${metric.lead} is not a whole number of pitches.`);
    return sized(
      'mm',
      Number(metric.size),
      pitch,
      Number(starts.n),
      hand,
      `${metric.size}x${metric.lead}${metric.pitch === undefined ? '' : `(P${metric.pitch})`}`,
      field,
    );
  }
  const inch = readInchSize(rest, field);
  if (inch === null || (inch.ok && inch.value.rest !== ''))
    return bad(
      field,
      'unreadable',
      `“${text.trim()}” is not a square thread. Type it like Sq 1-4 or Sq 30x6.`,
    );
  if (!inch.ok) return inch;
  const { label, diameterIn, tpi, starts } = inch.value;
  const pitch = tpi.inverse();
  const startsText = starts === 1 ? '' : ` (${starts} starts)`;
  return sized(
    'in',
    diameterIn,
    pitch,
    starts,
    hand,
    `${label}-${printTpi({ pitch, unit: 'in' })}${startsText}`,
    field,
  );
}

function sized(
  unit: LengthUnit,
  major: number,
  exactPitch: Fraction,
  starts: number,
  hand: Hand,
  size: string,
  field: string,
): Result<SquareThread> {
  const pitch = exactPitch.valueOf();
  if (major <= 1.3 * pitch) return bad(field, 'out-of-range', 'The pitch is too coarse: no core is left.');
  return good({
    designation: `Sq ${size}${hand === 'left' ? '-LH' : ''}`,
    unit,
    hand,
    starts,
    pitch,
    lead: pitch * starts,
    major,
    pitchDiameter: major - FORM_SQUARE.majorToPitch * pitch,
    minor: major - FORM_SQUARE.majorToMinor * pitch,
    depth: (FORM_SQUARE.majorToMinor * pitch) / 2,
    toolWidth: pitch / 2,
  });
}
