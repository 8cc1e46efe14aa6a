import { bad, good, type Result } from '../errors/field-issue';
import { saidText } from '../units';

/** Longest name of a person. */
export const MOST_NAME = 80;

/**
 * A person's name as it is kept: without what can not be seen at its ends, every run of spaces made one.
 * @returns an issue at `field` when nothing can be read in it, or when it is longer than MOST_NAME
 */
export function readName(text: string, field = 'name'): Result<string> {
  const name = saidText(text).replace(/\s+/g, ' ');
  if (name === '') return bad(field, 'required', 'Type the name.');
  return name.length > MOST_NAME ? bad(field, 'too-long', `At most ${MOST_NAME} characters.`) : good(name);
}
