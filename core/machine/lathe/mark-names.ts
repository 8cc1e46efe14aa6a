import type { DialMark } from '../thread-dial/safe-marks';

/**
 * The marks of a dial as they are called at the machine: its own labels; a plain mark by the labelled ones beside it; a
 * dial without labels by the count from its first mark.
 * @example ['1', '', '2', ''] -> ['1', 'plain after 1', '2', 'plain after 2']
 */
export function markNames(marks: readonly Pick<DialMark, 'label'>[]): string[] {
  if (marks.every(({ label }) => label === '')) return marks.map((_, index) => `mark ${index + 1}`);
  let last = marks.findLast(({ label }) => label !== '')?.label ?? '';
  return marks.map(({ label }) => {
    if (label === '') return `plain after ${last}`;
    last = label;
    return label;
  });
}

/** A group of marks in words. @example 'all marks', '1, 2, 3, 4' , 'all plain marks' */
export function marksText(group: readonly number[], marks: readonly Pick<DialMark, 'label'>[]): string {
  if (group.length === marks.length) return marks.length === 1 ? 'the one mark' : 'every mark';
  const plain = marks.flatMap(({ label }, index) => (label === '' ? [index] : []));
  if (plain.length > 1 && plain.length < marks.length && plain.join() === group.join())
    return 'the plain marks';
  const names = markNames(marks);
  return [...new Set(group.map((index) => names[index] ?? ''))].join(', ');
}
