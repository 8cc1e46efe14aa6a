import { parseAdvance } from '../../gearing/advance';
import type { ThreadDial } from '../lathe';
import type { FormReader } from './form-reader';
import { sameThread } from './same-thread';

/** The plate beside a thread dial: a thread, and the labels to close at (`1 3 5 7`, `all`). */
export function readPlate(rows: readonly string[][], reader: FormReader): ThreadDial['plate'] {
  const lines = rows.flatMap((row, index) => {
    const [thread = '', labels = ''] = row;
    if (row.every((cell) => cell.trim() === '')) return [];
    if (reader.keep(parseAdvance(`plate.${index}.0`, thread)) === null) return [];
    const named = labels
      .trim()
      .split(/[\s,;]+/)
      .filter((word) => word !== '');
    if (named.length === 0) {
      reader.wrong(`plate.${index}.1`, 'required', `Row ${index + 1}: give the labels, or “all”.`);
      return [];
    }
    if (named.length > 100 || named.some((label) => label.length > 8)) {
      reader.wrong(`plate.${index}.1`, 'too-long', `Row ${index + 1}: at most 100 labels of 8 characters.`);
      return [];
    }
    return [{ index, thread: thread.trim(), labels: named }];
  });
  sameThread('plate', lines, reader);
  return lines.map(({ thread, labels }) => ({ thread, labels }));
}
