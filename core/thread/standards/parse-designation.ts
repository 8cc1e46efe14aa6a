import { parseAcme } from './acme/parse-acme';
import { bad, type Result } from '@/core/base/errors/field-issue';
import { parseMetric } from './metric/parse-metric';
import { parsePipe } from './pipe/parse-pipe';
import { namesSquare } from './square/square-thread';
import type { ReadThread } from './read-thread';
import { tidy } from './tidy';
import { typedText } from '@/core/base/units/typed-text';
import { parseTrapezoidal } from './trapezoidal/parse-trapezoidal';
import { parseUnified } from './unified/parse-unified';
import { parseWhitworth } from './whitworth/parse-whitworth';

/**
 * Reads a thread designation in the usual spellings of ASME B1.1 and B1.5, ISO 965-1, ISO 2904, BS 84 and ISO 228-1.
 * Case, spaces, `×` for `x`, long dashes and a leading `.` for `0.` do not matter.
 *
 * @example parseDesignation('3/4-16UNF 2A')   // unified, class 2A
 * @example parseDesignation('M16×2')          // metric coarse, class 6g assumed
 */
export function parseDesignation(text: string, field = 'thread'): Result<ReadThread> {
  const short = typedText(field, text);
  if (!short.ok) return short;
  const typed = tidy(short.value);
  if (typed === '') return bad(field, 'required', 'Type a thread, such as 3/4-16 UNF-2A or M16x2-6g.');
  if (namesSquare(typed))
    return bad(
      field,
      'unsupported',
      'A square thread has sizes but no standard limits: look it up in Tables.',
    );
  return parserFor(typed)(typed, field);
}

function parserFor(typed: string): (typed: string, field: string) => Result<ReadThread> {
  if (/^m/i.test(typed)) return parseMetric;
  if (/^tr/i.test(typed)) return parseTrapezoidal;
  if (/^g/i.test(typed)) return parsePipe;
  if (/acme/i.test(typed)) return parseAcme;
  if (/b\.?s\.?[wf]|whit/i.test(typed)) return parseWhitworth;
  return parseUnified;
}
