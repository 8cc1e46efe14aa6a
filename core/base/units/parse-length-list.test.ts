import { parseLengthList } from './parse-length-list';

function values(text: string): number[] {
  const read = parseLengthList('readings', text, 'in');
  if (!read.ok) throw new Error(read.issues[0]?.message);
  return read.value.map(({ value }) => value);
}

test('lengths are parted by spaces or semicolons; each may name its unit', () => {
  expect(values('0.7595 .7596;0.7594')).toEqual([0.7595, 0.7596, 0.7594]);
  expect(values('  ')).toEqual([]);
  expect(values('0.0577 25.4 mm 12.7mm 3/4')).toEqual([0.0577, 1, 0.5, 0.75]);
});

test('the first unreadable one is refused', () => {
  expect(parseLengthList('readings', '0.7595 0,7596 x', 'in')).toMatchObject({
    ok: false,
    issues: [{ field: 'readings', code: 'decimal-comma', message: 'Use a decimal point: 0.7596.' }],
  });
});

test('a list can be kept as it was given: a wire of 1.1 mm is no wire of 0.0433 in', () => {
  const read = parseLengthList('wires', '0.0577 1.1 mm', 'in', 'given');
  expect(read).toEqual({
    ok: true,
    value: [
      { value: 0.0577, unit: 'in' },
      { value: 1.1, unit: 'mm' },
    ],
  });
});
