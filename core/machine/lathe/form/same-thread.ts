import { parseAdvance } from '../../gearing/advance';
import type { FormReader } from './form-reader';

/** A thread that a chart names twice leaves open which line counts: refused at the second. */
export function sameThread(
  table: string,
  lines: readonly { index: number; thread: string }[],
  reader: FormReader,
): void {
  const taken = new Map<string, number>();
  for (const { index, thread } of lines) {
    const read = parseAdvance('thread', thread);
    if (!read.ok) continue;
    const key = `${read.value.system} ${read.value.mm.toFraction()}`;
    const before = taken.get(key);
    if (before === undefined) taken.set(key, index);
    else
      reader.wrong(
        `${table}.${index}.0`,
        'conflict',
        `Row ${index + 1}: ${thread} stands in row ${before + 1} already.`,
      );
  }
}
