import { mixed } from 'yup';

/** How large a table of texts may be. */
export interface TableLimits {
  rows: number;
  columns: number;
  characters: number;
}

/**
 * Schema of a table of texts, looked at in one go: a schema for each cell takes a thousand times as long as a look at
 * its type, and somebody may send a hundred thousand cells. The first thing that is wrong is told.
 */
export const exactTable = ({ rows, columns, characters }: TableLimits) =>
  mixed<string[][]>((value): value is string[][] => Array.isArray(value))
    .typeError('Send rows of cells.')
    .test('table', 'Send rows of cells.', (table, { createError, path }) => {
      if (!Array.isArray(table)) return true;
      const says = (message: string, row?: number, column?: number) =>
        createError({
          message,
          path: `${path}${row === undefined ? '' : `[${row}]`}${column === undefined ? '' : `[${column}]`}`,
        });
      if (table.length > rows) return says(`At most ${rows} rows.`);
      for (const [row, cells] of (table as unknown[]).entries()) {
        if (!Array.isArray(cells)) return says('Send a row as a list.', row);
        if (cells.length > columns) return says(`At most ${columns} columns.`, row);
        for (const [column, cell] of (cells as unknown[]).entries()) {
          if (typeof cell !== 'string') return says('Type text.', row, column);
          if (cell.length > characters) return says(`At most ${characters} characters.`, row, column);
        }
      }
      return true;
    });
