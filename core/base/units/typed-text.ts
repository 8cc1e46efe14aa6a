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
