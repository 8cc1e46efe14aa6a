import Papa from 'papaparse';

type Cell = string | number | null | undefined;
/** Rows of cells, or records whose names become the first row. */
type Rows = readonly (readonly Cell[])[] | readonly object[];

/** With these a spreadsheet begins a formula (OWASP: CSV injection). */
const FORMULA = /^[=+\-@\t\r]/;

/**
 * Rows as CSV. What a spreadsheet would run as a formula stands behind an apostrophe, as text does in a spreadsheet;
 * `readCsv` takes it away again, so that a file goes out and comes in as it was.
 */
export const writeCsv = (rows: Rows): string => Papa.unparse(rows as object[], { escapeFormulae: FORMULA });

/** The rows of a CSV, or of cells copied from a spreadsheet, which are parted by tabs. Empty lines are left out. */
export function readCsv(text: string): string[][] {
  const plain = text.replace(/^\uFEFF/, '').replace(/^(\s*\n)+|\s+$/g, '');
  const delimiter = plain.includes('\t') && !plain.includes(',') ? '\t' : '';
  const { data } = Papa.parse<string[]>(plain, { delimiter, skipEmptyLines: 'greedy' });
  return data.map((row) =>
    row.map((cell) => (FORMULA.test(cell.slice(1)) && cell.startsWith("'") ? cell.slice(1) : cell)),
  );
}
