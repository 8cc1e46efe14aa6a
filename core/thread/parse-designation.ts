import { bad, type Result } from '../errors/field-issue';
import { parseMetric } from './parse-metric';
import { parseUnified } from './parse-unified';
import type { Thread } from './thread';

export interface ReadThread {
  thread: Thread;
  /** What the text left out and was taken for granted, in words: `class 2A`. */
  assumed: string[];
}

/**
 * Reads a thread designation in the usual spellings of ASME B1.1 and ISO 965-1.
 * Case, spaces, `×` for `x`, long dashes and a leading `.` for `0.` do not matter.
 *
 * @example parseDesignation('3/4-16UNF 2A')   // unified, class 2A
 * @example parseDesignation('M16×2')          // metric coarse, class 6g assumed
 */
export function parseDesignation(text: string, field = 'thread'): Result<ReadThread> {
  const typed = text
    .trim()
    .replace(/[×*]/g, 'x')
    .replace(/[‐‑‒–—]/g, '-')
    .replace(/\s+/g, ' ');
  if (typed === '') return bad(field, 'required', 'Type a thread, such as 3/4-16 UNF-2A or M16x2-6g.');
  return /^m/i.test(typed) ? parseMetric(typed, field) : parseUnified(typed, field);
}
