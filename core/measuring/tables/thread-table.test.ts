import { fitOf } from '@/core/thread/standards/fit';
import { parseDesignation } from '@/core/thread/standards/parse-designation';
import { fitTable, tableLines } from './thread-table';

function tableOf(text: string) {
  const read = parseDesignation(text);
  if (!read.ok) throw new Error(text);
  return fitTable(fitOf(read.value.thread));
}

/** ASME B1.1 limits tables, from memory: 3/4-16 UNF-2A and 2B. */
test('both members, external first, in inch and mm', () => {
  const lines = tableLines(tableOf('3/4-16 UNF-2B'));
  expect(lines[1]).toEqual({
    thread: '3/4-16 UNF-2A',
    quantity: 'Pitch diameter',
    min_in: '0.7029',
    max_in: '0.7079',
    min_mm: '17.8537',
    max_mm: '17.9807',
  });
  expect(
    lines.find(({ thread, quantity }) => thread === '3/4-16 UNF-2B' && quantity === 'Major diameter'),
  ).toMatchObject({ min_in: '0.7500', max_in: '' });
  expect(lines).toHaveLength(12);
});

test('gauges: ring outside, plug inside', () => {
  const [bolt, nut] = tableOf('M16x2-6g');
  expect(bolt.gauges).toEqual({ kind: 'ring', go: 14.663, noGo: 14.503 });
  expect(nut.gauges).toEqual({ kind: 'plug', go: 14.701, noGo: 14.913 });
  expect(bolt.wire.matters).toBe(false);
});
