import { readCsv } from '@/core/base/csv/csv';
import { readName } from './person-name';

/** One line of a roster as it was read. */
export interface RosterLine {
  /** From 1, as it stands in the text. */
  line: number;
  name: string;
  /** Why this line adds nobody; null when it does. */
  refused: string | null;
}

/** A class, with room to spare; a longer list is some other file. */
const MOST_LINES = 200;
const NAME_HEADS = ['name', 'student', 'full name'];
const FIRST_HEADS = ['first name', 'first', 'given name', 'forename'];
const LAST_HEADS = ['last name', 'last', 'surname', 'family name'];

/**
 * Reads a list of names: one a line, or CSV (comma, semicolon or tab) with a heading `name`, or with first and last name.
 * Without a heading the first column is the name.
 * @param there names that are in the class already
 */
export function readRoster(text: string, there: readonly string[]): RosterLine[] {
  const data = readCsv(text);
  const heads = (data[0] ?? []).map((head) => head.trim().toLowerCase());
  const at = (names: readonly string[]) => heads.findIndex((head) => names.includes(head));
  const [name, first, last] = [at(NAME_HEADS), at(FIRST_HEADS), at(LAST_HEADS)];
  const headed = name >= 0 || first >= 0 || last >= 0;
  const nameOf = (row: readonly string[]): string => {
    if (name >= 0) return row[name] ?? '';
    if (headed) return [row[first] ?? '', row[last] ?? ''].join(' ');
    return row[0] ?? '';
  };
  const known = new Set(there.map((each) => each.toLowerCase()));
  return data
    .slice(headed ? 1 : 0)
    .slice(0, MOST_LINES + 1)
    .map((row, index): RosterLine => {
      const line = index + (headed ? 2 : 1);
      const read = readName(nameOf(row));
      if (!read.ok) return { line, name: nameOf(row).trim(), refused: read.issues[0]?.message ?? '' };
      const key = read.value.toLowerCase();
      const again = known.has(key);
      known.add(key);
      const refused = again ? 'Stands there already.' : index >= MOST_LINES ? 'At most 200 at a time.' : null;
      return { line, name: read.value, refused };
    });
}
