import Fraction from 'fraction.js';
import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { readInchSize } from '../inch-size';
import { takeMember } from '../member';
import type { ReadThread } from '../read-thread';
import type { WhitworthSeries } from '../thread';
import { WHITWORTH_SERIES } from './whitworth-series';

const REST = /^(?<series>b\.?s\.?w\.?|b\.?s\.?f\.?|whit\w*\.?)[ -]*(?<cls>\(?[a-z]+\)?)?$/i;
const WITHOUT_TPI = /^(?<size>\d+[ -]\d+\/\d+|\d+\/\d+|\d+)(?:"| in\.?)?\s?-?\s?(?<rest>b\.?s\.?[wf].*)$/i;

/** Whitworth-form threads of BS 84, medium class: `1/2-12 BSW`, `3/4 BSF medium nut`, `1-20 Whit`. */
export function parseWhitworth(typed: string, field: string): Result<ReadThread> {
  const read = readInchSize(withTpi(typed), field);
  if (read === null)
    return bad(
      field,
      'unreadable',
      `“${typed}” is not a Whitworth thread. Type it like 1/2-12 BSW, 3/4 BSF or 1-20 Whit.`,
    );
  if (!read.ok) return read;
  const { label, diameterIn, tpi, starts, rest: text } = read.value;
  const { rest, hand, side } = takeMember(text);
  const match = REST.exec(rest)?.groups;
  if (match === undefined)
    return bad(field, 'unreadable', `“${rest}” is no Whitworth series: use BSW, BSF or Whit.`);
  const cls = match.cls?.replace(/[()]/g, '').toLowerCase();
  if (cls !== undefined && cls !== 'medium')
    return bad(field, 'unsupported', `“${cls}”: only the medium class of BS 84 is here. Type medium.`);
  const letters = (match.series ?? '').replace(/\./g, '').toUpperCase();
  const series: WhitworthSeries = letters === 'BSW' || letters === 'BSF' ? letters : 'Whit';
  const listed = series === 'Whit' ? undefined : WHITWORTH_SERIES[series][label];
  if (series !== 'Whit' && listed !== tpi.valueOf()) {
    return listed === undefined
      ? bad(field, 'unknown-size', `${series} has no size ${label}. Use Whit for a special thread.`)
      : bad(
          field,
          'unknown-size',
          `${label} ${series} has ${new Fraction(listed).toFraction(true)} threads per inch, not ${tpi.toFraction(true)}.`,
        );
  }
  return good({
    thread: {
      system: 'whitworth',
      unit: 'in',
      sizeLabel: label,
      nominalDiameter: diameterIn,
      pitch: tpi.inverse(),
      starts,
      hand,
      side: side ?? 'external',
      series,
    },
    assumed: [...(cls === undefined ? ['medium class'] : []), ...(side === null ? ['bolt'] : [])],
  });
}

/** BSW and BSF name their pitch by the size, so that `3/4 BSF` is enough. */
function withTpi(typed: string): string {
  const shape = WITHOUT_TPI.exec(typed)?.groups;
  if (shape === undefined) return typed;
  const series = /^b\.?s\.?w/i.test(shape.rest ?? '') ? 'BSW' : 'BSF';
  const label = (shape.size ?? '').replace(/^(\d+)-/, '$1 ');
  const tpi = WHITWORTH_SERIES[series][label];
  return tpi === undefined ? typed : `${label}-${new Fraction(tpi).toFraction(true)} ${shape.rest}`;
}
