import { bad, good, type Result } from '../errors/field-issue';

/** Longest text in which figures or a designation are looked for; a field of the plan holds no more either. */
export const MOST_FIGURES = 120;

/**
 * The text with its ends trimmed and every run of spaces made one, so that no reader can be kept busy by them. What is
 * longer than any figure can be is refused before it is looked at.
 */
export function typedText(field: string, text: string, most = MOST_FIGURES): Result<string> {
  if (text.length > most) return bad(field, 'too-long', `Type at most ${most} characters.`);
  return good(text.trim().replace(/\s+/g, ' '));
}

/** What a person can see: letters, figures, marks of any script. Spaces and zero-width characters are none. */
const VISIBLE = /[\p{L}\p{N}\p{P}\p{S}]/u;
const INVISIBLE_ENDS = /^[\s\p{Cf}\p{Cc}]+|[\s\p{Cf}\p{Cc}]+$/gu;

/** Words as said: without what can not be seen at their ends, and empty when nothing can be seen at all. */
export function saidText(text: string): string {
  return VISIBLE.test(text) ? text.replace(INVISIBLE_ENDS, '') : '';
}

/** How many characters of a text can be seen. @example visibleLength('a\u200b b') // 2 */
export function visibleLength(text: string): number {
  return [...text].filter((character) => VISIBLE.test(character)).length;
}
