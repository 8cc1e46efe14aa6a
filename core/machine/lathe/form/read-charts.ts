import { parseAdvance } from '../../gearing/advance';
import { refusedTeeth } from '../../gearing/read-stock';
import { GEAR_ROLES } from '../lathe-names';
import type { Lathe } from '../lathe';
import type { FormReader } from './form-reader';
import { sameThread } from './same-thread';

type Charts = Pick<Lathe['gearing'], 'quickChange' | 'changeGears'>;

/** A chart as pasted: its first row names the columns, the first of them is the thread. */
interface Pasted {
  heads: string[];
  lines: { index: number; thread: string; cells: string[] }[];
}

function readPasted(
  table: 'quickChange' | 'changeGears',
  rows: readonly string[][],
  most: number,
  reader: FormReader,
): Pasted | null {
  const [first, ...rest] = rows.map((row) => row.map((cell) => cell.trim()));
  if (first === undefined || rows.every((row) => row.every((cell) => cell.trim() === ''))) return null;
  const heads = withoutEmptyEnd(first).slice(1);
  if (heads.length === 0 || heads.length > most || heads.some((head) => head === '')) {
    reader.wrong(
      `${table}.0.0`,
      'unreadable',
      `The first row names the columns: Thread, then 1 to ${most} names${table === 'quickChange' ? ' of levers' : ' of places'}.`,
    );
    return null;
  }
  const long = heads.findIndex((head) => head.length > 40);
  if (long >= 0) reader.wrong(`${table}.0.${long + 1}`, 'too-long', 'At most 40 characters.');
  const twice = heads.findIndex((head, index) => heads.indexOf(head) < index);
  if (twice >= 0)
    reader.wrong(`${table}.0.${twice + 1}`, 'conflict', `Two columns are named “${heads[twice]}”.`);
  // A heading such as “Pitch, mm” says the unit of bare figures.
  const bare = /mm|metric/i.test(first[0] ?? '') ? 'metric' : 'inch';
  const lines = rest.flatMap((row, at) => {
    const index = at + 1;
    const [thread = '', ...cells] = row;
    if (row.every((cell) => cell === '')) return [];
    const filled = withoutEmptyEnd(cells);
    if (filled.length > heads.length) {
      reader.wrong(
        `${table}.${index}.0`,
        'unreadable',
        `Row ${index + 1} has ${filled.length + 1} columns, the first row names ${heads.length + 1}.`,
      );
      return [];
    }
    const read = parseAdvance(`${table}.${index}.0`, thread, bare);
    if (!read.ok) {
      reader.issues.push(
        ...read.issues.map((issue) => ({ ...issue, message: `Row ${index + 1}: ${issue.message}` })),
      );
      return [];
    }
    const unit = /tpi|mm/i.test(thread) ? thread : `${thread} ${bare === 'metric' ? 'mm' : 'TPI'}`;
    return [{ index, thread: unit, cells: heads.map((_, column) => cells[column] ?? '') }];
  });
  sameThread(table, lines, reader);
  return { heads, lines };
}

function withoutEmptyEnd(cells: readonly string[]): string[] {
  const last = cells.findLastIndex((cell) => cell !== '');
  return cells.slice(0, last + 1);
}

/** Thread to lever positions; a line that leaves a lever out is refused. */
export function readQuickChange(rows: readonly string[][], reader: FormReader): Charts['quickChange'] {
  const pasted = readPasted('quickChange', rows, 12, reader);
  if (pasted === null) return null;
  return {
    levers: pasted.heads,
    rows: pasted.lines.map(({ index, thread, cells }) => {
      for (const [column, cell] of cells.entries())
        if (cell === '' || cell.length > 20)
          reader.wrong(
            `quickChange.${index}.${column + 1}`,
            cell === '' ? 'required' : 'too-long',
            `Row ${index + 1}: ${cell === '' ? `${pasted.heads[column] ?? ''} is missing` : 'at most 20 characters'}.`,
          );
      return { thread, positions: cells };
    }),
  };
}

/** Thread to gears: each column says whether it drives, is driven, or idles (`Driver A`, `Driven B`, `Idler`). */
export function readChangeGears(rows: readonly string[][], reader: FormReader): Charts['changeGears'] {
  const pasted = readPasted('changeGears', rows, 8, reader);
  if (pasted === null) return null;
  const places = pasted.heads.flatMap((name, index) => {
    const role = GEAR_ROLES.find((each) => new RegExp(`\\b${each}\\b`, 'i').test(name));
    if (role !== undefined) return [{ name, role }];
    reader.wrong(
      `changeGears.0.${index + 1}`,
      'unreadable',
      `“${name}”: name each column driver, driven or idler, such as “Driver, stud”.`,
    );
    return [];
  });
  if (places.length < pasted.heads.length) return null;
  return {
    places,
    rows: pasted.lines.map(({ index, thread, cells }) => ({
      thread,
      teeth: cells.map((cell, column) =>
        readTeeth(`changeGears.${index}.${column + 1}`, cell, index, reader),
      ),
    })),
  };
}

function readTeeth(field: string, cell: string, index: number, reader: FormReader): number | null {
  if (/^[-–]?$/.test(cell)) return null;
  const refused = /^\d{1,6}$/.test(cell)
    ? refusedTeeth(Number(cell))
    : `“${cell.slice(0, 20)}” is no number of teeth.`;
  return refused === null
    ? Number(cell)
    : reader.wrong(field, 'out-of-range', `Row ${index + 1}: ${refused}`);
}
