import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { TypedTable, type TypedTableProps } from './typed-table';

function Typed(props: Partial<TypedTableProps> & { first?: string[][] }) {
  const [rows, setRows] = useState(props.first ?? []);
  return (
    <TypedTable
      label="Speeds"
      columns={['rpm', 'How']}
      begin={[['', '']]}
      errorAt={() => undefined}
      {...props}
      rows={rows}
      onChange={setRows}
    />
  );
}

const cell = (row: number, column: string) =>
  screen.getByLabelText<HTMLInputElement>(`Speeds, row ${row}, ${column}`);
const paste = (into: HTMLElement, text: string) =>
  fireEvent.paste(into, { clipboardData: { getData: () => text } });

test('a table that is pasted into a cell fills from there on; one word is pasted as usual', () => {
  render(<Typed first={[['70', 'belt 1']]} />);
  paste(cell(1, 'How'), 'lever\tB\n\n');
  expect(cell(1, 'How').value).toBe('lever');
  paste(cell(1, 'rpm'), '45\tbelt 2\n115\tbelt 3');
  expect([cell(1, 'rpm').value, cell(2, 'How').value]).toEqual(['45', 'belt 3']);
  paste(cell(2, 'rpm'), '120');
  expect(cell(2, 'rpm').value).toBe('115');
});

test('a whole chart, with its own first row, takes the place of what stood there', () => {
  render(
    <Typed
      columns={null}
      first={[
        ['TPI', 'A', 'B'],
        ['', '', ''],
      ]}
    />,
  );
  paste(screen.getByLabelText('Speeds, row 1, TPI'), 'mm\tLever\n1.5\tC');
  expect(screen.getByLabelText<HTMLInputElement>('Speeds, row 2, mm').value).toBe('1.5');
  expect(screen.queryByLabelText('Speeds, row 1, B')).toBeNull();
});

test('rows are begun, added and removed; what is wrong is said once, at its cell', () => {
  render(
    <Typed
      errorAt={(row, column) => (row === 1 && column === 0 ? 'Row 2: from slow to fast.' : undefined)}
    />,
  );
  fireEvent.click(screen.getByRole('button', { name: 'Row' }));
  fireEvent.change(cell(1, 'rpm'), { target: { value: '70' } });
  fireEvent.click(screen.getByRole('button', { name: 'Row' }));
  expect(cell(2, 'rpm').getAttribute('aria-invalid')).toBe('true');
  expect(screen.getAllByText(/Row 2: from slow to fast\./)).toHaveLength(1);
  fireEvent.click(screen.getByRole('button', { name: 'Remove row 1 of Speeds' }));
  expect(cell(1, 'rpm').value).toBe('');
});

test('a row is told what the arithmetic says', () => {
  render(<Typed first={[['13', '1 2 3 4']]} saidOf={() => ({ text: 'not safe: only 1, 3', tone: 'bad' })} />);
  expect(screen.getByText('not safe: only 1, 3').className).toContain('nogo');
});
