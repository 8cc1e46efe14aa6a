import { dialText } from './dial-text';

const inch = { value: 0.1, unit: 'in' } as const;

test.each([
  [0.047, '0.047'],
  [0.1, '1 turn + 0.000'],
  [0.247, '2 turns + 0.047'],
  [0.0475, '0.0475'],
  [0, '0.000'],
])('%d in on a dial of 0.100 a turn reads %s', (value, text) => {
  expect(dialText({ value, unit: 'in' }, inch)).toBe(text);
});

test('a metric dial keeps its hundredths', () => {
  expect(dialText({ value: 1.4, unit: 'mm' }, { value: 2, unit: 'mm' })).toBe('1.40');
  expect(dialText({ value: 2.46, unit: 'mm' }, { value: 2, unit: 'mm' })).toBe('1 turn + 0.46');
});
