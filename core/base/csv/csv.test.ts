import fc from 'fast-check';
import { readCells, readCsv, writeCsv } from './csv';

test.each(['=1+1', '+1', '-1', '@SUM(A1)', '\tx', '\rx', '=HYPERLINK("x")', "'=1", "''-1"])(
  '%j goes out as text and comes back as it was',
  (cell) => {
    const csv = writeCsv([
      ['name', 'b'],
      [cell, 'x'],
    ]);
    expect(csv.split('\r\n')[1]).toMatch(/^"?'/);
    expect(readCsv(csv)).toEqual([
      ['name', 'b'],
      [cell, 'x'],
    ]);
  },
);

test('any cells come back as they went out', () => {
  const cell = fc
    .string({ minLength: 1, maxLength: 12 })
    .filter((text) => text.trim() === text && !text.includes('\t'));
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 5 }), (rows) => {
      expect(readCsv(writeCsv([['a', 'b'], ...rows]))).toEqual([['a', 'b'], ...rows]);
    }),
    { seed: 20261130 },
  );
});

test('records have their names in the first row; cells of a spreadsheet are parted by tabs', () => {
  expect(writeCsv([{ name: 'Ring', angle: '-5' }])).toBe(`name,angle\r\nRing,"'-5"`);
  expect(readCsv('\uFEFFa\tb\n-1\t2\n\n')).toEqual([
    ['a', 'b'],
    ['-1', '2'],
  ]);
  // What was copied is parted by its tabs, whatever commas stand in it.
  expect(readCells("1,5\t-2,5\n'-3\t4\n")).toEqual([
    ['1,5', '-2,5'],
    ['-3', '4'],
  ]);
  expect(readCsv("It's,'quoted'")).toEqual([["It's", "'quoted'"]]);
});
