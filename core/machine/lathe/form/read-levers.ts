import { saidText } from '@/core/base/documents/visible-text';
import { LEVER_KINDS } from '../lathe-names';
import type { Lathe, Lever } from '../lathe';
import type { FormReader } from './form-reader';

/** Levers of feed reverse, collar, apron and gearbox in the machine's own names, with their positions. */
export function readLevers(rows: readonly string[][], reader: FormReader): Lever[] {
  const levers: Lever[] = [];
  for (const [index, row] of rows.entries()) {
    if (row.every((cell) => cell.trim() === '')) continue;
    const at = (column: number) => `levers.${index}.${column}`;
    const name = reader.words(at(0), row[0] ?? '', 40);
    const positions = (row[2] ?? '')
      .split(/[,;/]/)
      .map(saidText)
      .filter((position) => position !== '');
    if (name === null) reader.wrong(at(0), 'required', `Row ${index + 1}: name the lever.`);
    else if (levers.some((lever) => lever.name === name))
      reader.wrong(at(0), 'conflict', `Row ${index + 1}: “${name}” is named twice.`);
    const kind = reader.choice(
      at(1),
      (row[1] ?? '').trim().toLowerCase().replace(' ', '-'),
      LEVER_KINDS,
      `Row ${index + 1}: say ${LEVER_KINDS.join(', ')}.`,
    );
    if (positions.length === 0)
      reader.wrong(at(2), 'required', `Row ${index + 1}: give its positions, parted by commas.`);
    if (positions.length > 30 || positions.some((position) => position.length > 20))
      reader.wrong(at(2), 'too-long', `Row ${index + 1}: at most 30 positions of 20 characters.`);
    const one = (column: number) => {
      const position = saidText(row[column] ?? '');
      if (position === '' || positions.includes(position)) return position === '' ? null : position;
      return reader.wrong(
        at(column),
        'conflict',
        `Row ${index + 1}: “${position}” is none of its positions.`,
      );
    };
    const [forThreading, forLeftHand] = [one(3), one(4)];
    if (name !== null) levers.push({ name, kind: kind ?? 'other', positions, forThreading, forLeftHand });
  }
  return levers;
}

/** Positions of a lever that forbid higher speeds; the lever is one of the list or of the quick-change chart. */
export function readPlacards(
  rows: readonly string[][],
  levers: readonly Lever[],
  quickChange: Lathe['gearing']['quickChange'],
  reader: FormReader,
): Lathe['placards'] {
  return rows.flatMap((row, index) => {
    if (row.every((cell) => cell.trim() === '')) return [];
    const at = (column: number) => `placards.${index}.${column}`;
    const lever = reader.words(at(0), row[0] ?? '', 40);
    const position = reader.words(at(1), row[1] ?? '', 20);
    const mostRpm = reader.number(at(2), row[2] ?? '', 0.1, 20000);
    const known = [...levers.map(({ name }) => name), ...(quickChange?.levers ?? [])];
    if (lever !== null && !known.includes(lever))
      reader.wrong(at(0), 'conflict', `Row ${index + 1}: “${lever}” is no lever of this lathe.`);
    if (lever === null || position === null || mostRpm === null) {
      if ([lever, position].includes(null) || (row[2] ?? '').trim() === '')
        reader.wrong(at(0), 'required', `Row ${index + 1}: give lever, position and rpm.`);
      return [];
    }
    return [{ lever, position, mostRpm }];
  });
}
