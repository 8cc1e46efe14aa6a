import Papa from 'papaparse';

type Cell = string | number | null | undefined;
/** Rows of cells, or records whose names become the first row. */
type Rows = readonly (readonly Cell[])[] | readonly object[];

/** With these a spreadsheet begins a formula (OWASP: CSV injection). */
const FORMULA = /^'*[=+\-@\t\r]/;

/**
 * Rows as CSV. What a spreadsheet would run as a formula stands behind an apostrophe, as text does in a spreadsheet;
 * `readCsv` takes it away again, so that a file goes out and comes in as it was.
 */
export const writeCsv = (rows: Rows): string => Papa.unparse(rows as object[], { escapeFormulae: FORMULA });

/** The rows of a CSV file. Empty lines are left out. */
export function readCsv(text: string): string[][] {
  const plain = text.replace(/^\uFEFF/, '').replace(/^(\s*\n)+|\s+$/g, '');
  return asWritten(Papa.parse<string[]>(plain, { skipEmptyLines: 'greedy' }).data);
}

/** Cells that were copied: from a spreadsheet they are parted by tabs, whatever else is in them. */
export function readCells(text: string): string[][] {
  const delimiter = text.includes('\t') ? '\t' : '';
  return asWritten(Papa.parse<string[]>(text.trim(), { delimiter }).data);
}

const asWritten = (rows: string[][]): string[][] =>
  rows.map((row) => row.map((cell) => (cell.startsWith("'") && FORMULA.test(cell) ? cell.slice(1) : cell)));
