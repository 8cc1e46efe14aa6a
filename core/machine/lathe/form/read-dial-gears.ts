import Fraction from 'fraction.js';
import { partOfTurn } from '../../thread-dial/part-of-turn';
import type { ThreadDial } from '../lathe';
import type { FormReader } from './form-reader';

const MOST_MARKS = 100;
/** What stands for a mark without a label. */
const PLAIN = /^[-–·.|_]$/;

/**
 * Gears of a thread dial with their marks: a count (`8`), labels that stand evenly (`1 - 2 - 3 - 4 -`, a dash is a plain
 * mark), or each with its place as a part of the turn (`A@0 B@1/8 A@1/2`). Two marks at one place are refused.
 */
export function readDialGears(rows: readonly string[][], reader: FormReader): ThreadDial['gears'] {
  return rows.flatMap((row, index) => {
    const [teeth = '', marks = ''] = row;
    if (teeth.trim() === '' && marks.trim() === '') return [];
    const field = `dialGears.${index}`;
    const read = reader.count(`${field}.0`, teeth, 1000, 'the teeth of the gear');
    if (teeth.trim() === '') reader.wrong(`${field}.0`, 'required', `Row ${index + 1}: give the teeth.`);
    const placed = readMarks(`${field}.1`, marks, reader);
    return read === null || placed === null ? [] : [{ teeth: read, marks: placed }];
  });
}

type Mark = ThreadDial['gears'][number]['marks'][number];

function readMarks(field: string, text: string, reader: FormReader): Mark[] | null {
  const words = text
    .trim()
    .split(/[\s,;]+/)
    .filter((word) => word !== '');
  const [only] = words;
  if (only === undefined)
    return reader.wrong(field, 'required', 'Give the marks: 8, or 1 - 2 - 3 - 4 -, or A@0 B@1/8.');
  if (words.length === 1 && /^\d{1,3}$/.test(only)) {
    const count = reader.count(field, only, MOST_MARKS, 'the marks');
    return count === null ? null : evenly(Array.from({ length: count }, () => ''));
  }
  if (words.length > MOST_MARKS) return reader.wrong(field, 'too-long', `At most ${MOST_MARKS} marks.`);
  const long = words.find((word) => (word.split('@')[0] ?? '').length > 8);
  if (long !== undefined)
    return reader.wrong(field, 'too-long', `“${long}”: a label has 8 characters at most.`);
  if (!words.some((word) => word.includes('@')))
    return evenly(words.map((word) => (PLAIN.test(word) ? '' : word)));
  const marks: Mark[] = [];
  const taken = new Set<string>();
  for (const word of words) {
    const [label = '', at = ''] = word.split('@');
    const place = partOfTurn(at);
    if (place === null)
      return reader.wrong(
        field,
        'unreadable',
        `“${word}”: write label@place, the place as a part of the turn from 0, such as B@1/8.`,
      );
    const exact = place.toFraction();
    if (taken.has(exact)) return reader.wrong(field, 'conflict', `Two marks stand at ${exact} of the turn.`);
    taken.add(exact);
    marks.push({ label: PLAIN.test(label) ? '' : label, at: exact });
  }
  return marks.sort((a, b) => new Fraction(a.at).compare(new Fraction(b.at)));
}

const evenly = (labels: string[]): Mark[] =>
  labels.map((label, index) => ({ label, at: new Fraction(index, labels.length).toFraction() }));
