import { ValidationError, object } from 'yup';
import { exactTable } from './exact-table';

const schema = object({ rows: exactTable({ rows: 2, columns: 3, characters: 4 }) });

test('a table of texts within its limits is taken as it is', () => {
  expect(
    schema.validateSync({
      rows: [
        ['a', ''],
        ['abcd', 'b', 'c'],
      ],
    }),
  ).toEqual({
    rows: [
      ['a', ''],
      ['abcd', 'b', 'c'],
    ],
  });
  expect(schema.isValidSync({})).toBe(true);
});

test.each([
  ['x', 'rows', 'Send rows of cells.'],
  [{ length: 1 }, 'rows', 'Send rows of cells.'],
  [[[], [], []], 'rows', 'At most 2 rows.'],
  [[[], 'x'], 'rows[1]', 'Send a row as a list.'],
  [[[], ['a', 'b', 'c', 'd']], 'rows[1]', 'At most 3 columns.'],
  [[['a', 7]], 'rows[0][1]', 'Type text.'],
  [[['abcde']], 'rows[0][0]', 'At most 4 characters.'],
])('%j is refused at %s', (rows, field, message) => {
  const read = () => schema.validateSync({ rows });
  expect(read).toThrow(message);
  try {
    read();
  } catch (error) {
    expect(ValidationError.isError(error) && error.path).toBe(field);
  }
});
