import { readCells } from '@/core/base/csv/csv';
import { clsx } from 'clsx';
import { Plus, Trash2 } from 'lucide-react';
import { useId, useRef, type ClipboardEvent } from 'react';
import { Button } from './button';
import { Message } from './message';

export interface TypedTableProps {
  label: string;
  /** Names of the columns; null where the first row of the table names them. */
  columns: readonly string[] | null;
  rows: readonly (readonly string[])[];
  onChange: (rows: string[][]) => void;
  /** What is wrong with a cell, by row and column. */
  errorAt: (row: number, column: number) => string | undefined;
  /** What is said of a row at its end, such as a check of its arithmetic. */
  saidOf?: (row: number) => { text: string; tone: 'good' | 'bad' | 'note' } | undefined;
  /** Where a table begins that has no row yet. */
  begin: readonly (readonly string[])[];
  note?: string;
  /** Of a column with few values. */
  choices?: Readonly<Record<number, readonly string[]>>;
}

/**
 * Rows of short texts: typed cell by cell, pasted from a table, or taken from a CSV file. What is pasted into a cell with
 * tabs or lines fills the table from there on.
 */
export function TypedTable(props: TypedTableProps) {
  const { label, columns, rows, onChange, errorAt, saidOf, begin, note, choices } = props;
  const id = useId();
  const file = useRef<HTMLInputElement>(null);
  /** A column is as wide as its longest text, up to a limit. */
  const wide = (column: number) =>
    `${Math.min(28, Math.max(6, ...rows.map((row) => (row[column] ?? '').length)) + 3)}ch`;
  const width = Math.max(columns?.length ?? 0, ...rows.map((row) => row.length), 1);
  const messages = rows.flatMap((_, index) =>
    Array.from({ length: width }, (_, column) => errorAt(index, column) ?? []).flat(),
  );

  const put = (row: number, column: number, cells: readonly (readonly string[])[]) => {
    const next = rows.map((each) => [...each]);
    for (const [down, line] of cells.entries())
      for (const [right, cell] of line.entries()) {
        const target = (next[row + down] ??= []);
        while (target.length < column + right) target.push('');
        target[column + right] = cell;
      }
    onChange(next);
  };

  function paste(event: ClipboardEvent, row: number, column: number) {
    const text = event.clipboardData.getData('text');
    if (!/[\t\n]/.test(text.trim())) return;
    event.preventDefault();
    // A whole chart, its own first row included, takes the place of what stood there.
    if (columns === null && row === 0 && column === 0) onChange(linesOf(text));
    else put(row, column, linesOf(text));
  }

  return (
    <section aria-label={label} className="grid content-start gap-1.5">
      <div className="flex flex-wrap items-center gap-2">
        <h3 id={`${id}-title`} className="label text-ink-soft">
          {label}
        </h3>
        <Button
          tone="quiet"
          onClick={() =>
            onChange(
              rows.length === 0
                ? begin.map((row) => [...row])
                : [...rows.map((row) => [...row]), Array.from({ length: width }, () => '')],
            )
          }
        >
          <Plus aria-hidden className="size-4" /> Row
        </Button>
        <Button tone="quiet" onClick={() => file.current?.click()}>
          From CSV…
        </Button>
        <input
          ref={file}
          type="file"
          accept=".csv,.tsv,.txt,text/csv"
          className="sr-only"
          tabIndex={-1}
          aria-label={`${label}: CSV file`}
          onChange={(event) => {
            const chosen = event.target.files?.[0];
            event.target.value = '';
            void chosen?.text().then((text) => onChange(withoutHead(linesOf(text), columns)));
          }}
        />
      </div>
      {note !== undefined && <p className="text-sm text-ink-soft">{note}</p>}
      {rows.length > 0 && (
        <div className="max-h-[46dvh] overflow-auto border border-rule">
          <table aria-labelledby={`${id}-title`} className="w-full border-collapse text-sm">
            {columns !== null && (
              <thead className="sticky top-0 z-10 bg-paper-sunk">
                <tr>
                  {columns.map((column) => (
                    <th key={column} scope="col" className="label px-2 py-1 text-left text-ink-soft">
                      {column}
                    </th>
                  ))}
                  {saidOf !== undefined && (
                    <th scope="col" className="label px-2 py-1 text-left text-ink-soft">
                      By the arithmetic
                    </th>
                  )}
                  <th className="w-10">
                    <span className="sr-only">Remove</span>
                  </th>
                </tr>
              </thead>
            )}
            <tbody>
              {rows.map((row, index) => {
                const said = saidOf?.(index);
                return (
                  <tr
                    key={index}
                    className={clsx(
                      'border-t border-rule',
                      columns === null && index === 0 && 'bg-paper-sunk font-medium',
                    )}
                  >
                    {Array.from({ length: width }, (_, column) => {
                      const error = errorAt(index, column);
                      const name = `${label}, row ${index + 1}, ${columns?.[column] ?? rows[0]?.[column] ?? `column ${column + 1}`}`;
                      const common = {
                        'aria-label': name,
                        'aria-invalid': error !== undefined,
                        'aria-describedby': error === undefined ? undefined : `${id}-messages`,
                        title: error,
                        value: row[column] ?? '',
                        style: { minWidth: wide(column) },
                        className: clsx(
                          'figures min-h-9 w-full min-w-12 bg-transparent px-2 tablet:min-h-12',
                          error !== undefined && 'outline-2 -outline-offset-2 outline-nogo',
                        ),
                      };
                      const options = choices?.[column];
                      return (
                        <td key={column} className="border-l border-rule p-0 first:border-l-0">
                          {options === undefined ? (
                            <input
                              {...common}
                              autoComplete="off"
                              spellCheck={false}
                              onChange={(event) => put(index, column, [[event.target.value]])}
                              onPaste={(event) => paste(event, index, column)}
                            />
                          ) : (
                            <select
                              {...common}
                              onChange={(event) => put(index, column, [[event.target.value]])}
                            >
                              <option value="">not said</option>
                              {options.map((option) => (
                                <option key={option} value={option}>
                                  {option.replace('-', ' ')}
                                </option>
                              ))}
                              {!options.includes(common.value) && common.value !== '' && (
                                <option value={common.value}>{common.value}</option>
                              )}
                            </select>
                          )}
                        </td>
                      );
                    })}
                    {saidOf !== undefined && (
                      <td
                        className={clsx(
                          'px-2',
                          said?.tone === 'bad' && 'font-medium text-nogo',
                          said?.tone !== 'bad' && 'text-ink-soft',
                        )}
                      >
                        {said?.text}
                      </td>
                    )}
                    <td className="w-10 p-0 text-center">
                      <button
                        type="button"
                        aria-label={`Remove row ${index + 1} of ${label}`}
                        className="grid size-9 place-items-center text-ink-soft tablet:size-12"
                        onClick={() =>
                          onChange(rows.filter((_, each) => each !== index).map((each) => [...each]))
                        }
                      >
                        <Trash2 aria-hidden className="size-4" />
                      </button>
                    </td>
                  </tr>
                );
              })}
            </tbody>
          </table>
        </div>
      )}
      {messages.length > 0 && (
        <Message id={`${id}-messages`} tone="error">
          {[...new Set(messages)].slice(0, 4).join(' ')}
          {new Set(messages).size > 4 && ` And ${new Set(messages).size - 4} more.`}
        </Message>
      )}
    </section>
  );
}

function linesOf(text: string): string[][] {
  return readCells(text);
}

/** A file may repeat the names of the columns in its first line. */
function withoutHead(lines: string[][], columns: readonly string[] | null): string[][] {
  const first = lines[0]?.[0]?.trim().toLowerCase();
  return columns !== null && first === columns[0]?.toLowerCase() ? lines.slice(1) : lines;
}
