import { bad, good, type Result } from '@/core/base/errors/field-issue';
import { saidText } from '@/core/base/documents/visible-text';

/** Longest name of a person. */
const MOST_NAME = 80;

/** What stands in the place of a person who was taken out; nobody alive is called so. */
export const FORGOTTEN_NAME = 'removed';

/** As the database compares names: case and accents make no difference. */
const plain = (name: string) => name.normalize('NFKD').replace(/\p{M}/gu, '').toLowerCase();

/**
 * A person's name as it is kept: without what can not be seen at its ends, every run of spaces made one.
 * @returns an issue at `field` when nothing can be read in it, or when it is longer than MOST_NAME
 */
export function readName(text: string, field = 'name'): Result<string> {
  const name = saidText(text).replace(/\s+/g, ' ');
  if (name === '') return bad(field, 'required', 'Type the name.');
  if (plain(name) === FORGOTTEN_NAME)
    return bad(
      field,
      'unsupported',
      `“${name}” stands for people who were taken out. Add a letter or a second name.`,
    );
  return name.length > MOST_NAME ? bad(field, 'too-long', `At most ${MOST_NAME} characters.`) : good(name);
}
