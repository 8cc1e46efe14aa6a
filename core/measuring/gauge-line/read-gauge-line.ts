import { bad, good, type Result } from '@/core/base/errors/field-issue';
import type { LengthUnit } from '@/core/base/units/length';

/** A reading as a gauge sends it. The unit is null where the line does not say it. */
export interface GaugeReading {
  value: number;
  unit: LengthUnit | null;
}

/** Longer lines no gauge sends; they are noise, or somebody else's. */
export const LONGEST_LINE = 64;

/**
 * Reads a line of a digital micrometer, caliper or readout: one decimal figure, with or without sign and unit, and what
 * gauges put before it (a letter, a channel, a word such as `DIAM`). Gauges differ in all of these; a line with two
 * figures, or with none, is refused rather than guessed at.
 * @example readGaugeLine('01A+0.75950') // { value: 0.7595, unit: null }
 * @example readGaugeLine('  16.523 mm') // { value: 16.523, unit: 'mm' }
 */
export function readGaugeLine(line: string): Result<GaugeReading> {
  if (line.length > LONGEST_LINE)
    return bad('line', 'too-long', `A gauge sends at most ${LONGEST_LINE} characters.`);
  const text = line.trim();
  // A channel or a letter stands before the sign, or a word before the figure.
  const match = /^(?:[0-9]{2}[A-Z](?=[+-])|[A-Z]+[:=]?\s*)?([+-]?\s*\d*[.,]?\d+)\s*(mm|in|inch|"|)$/i.exec(
    text,
  );
  const [, figures = '', word = ''] = match ?? [];
  if (match === null) return bad('line', 'unreadable', 'This line of the gauge can not be read.');
  const value = Number(figures.replace(/\s+/g, '').replace(',', '.'));
  if (!Number.isFinite(value) || Math.abs(value) > 10_000)
    return bad('line', 'out-of-range', 'This line of the gauge is no length.');
  const unit = word === '' ? null : word.toLowerCase() === 'mm' ? 'mm' : 'in';
  return good({ value, unit });
}
