import fc from 'fast-check';
import { leadOf, parseDesignation, printDesignation, printTpi, suggestThreads } from './index';
import { METRIC_COARSE, METRIC_FINE } from './series-metric';
import { UNIFIED_SERIES } from './series-unified';

function printed(text: string): string {
  const read = parseDesignation(text);
  if (!read.ok) throw new Error(`${text}: ${read.issues[0]?.message}`);
  return printDesignation(read.value.thread);
}

test.each([
  ['3/4-16 UNF-2A', '3/4-16 UNF-2A'],
  ['3/4-16unf 2a', '3/4-16 UNF-2A'],
  ['.750-16UNF-2A', '3/4-16 UNF-2A'],
  ['0.75-16', '3/4-16 UNF-2A'],
  ['3/4"-16 UNF - 3A', '3/4-16 UNF-3A'],
  ['#10-32 UNF-2A', '#10-32 UNF-2A'],
  ['No. 10-32', '#10-32 UNF-2A'],
  ['0.190-32 UNF-2A', '#10-32 UNF-2A'],
  ['1 1/8-12 UNF 3A LH', '1 1/8-12 UNF-3A-LH'],
  ['1-1/8-8UN', '1 1/8-8 UN-2A'],
  ['2-4 1/2 UNC-2A', '2-4 1/2 UNC-2A'],
  ['2-4.5 UNC-2A', '2-4 1/2 UNC-2A'],
  ['0.822-27 UNS-2A', '0.822-27 UNS-2A'],
  ['3/8–24 UNF–3A', '3/8-24 UNF-3A'],
  ['M16', 'M16x2-6g'],
  ['m16 x 2', 'M16x2-6g'],
  ['M20×1.5-6H', 'M20x1.5-6H'],
  ['M20x1.5-5g6g', 'M20x1.5-5g6g'],
  ['M20x1.5-LH', 'M20x1.5-6g-LH'],
  ['M20xPh5P2.5-6g', 'M20xPh5P2.5-6g'],
])('reads %s as %s', (text, canonical) => {
  expect(printed(text)).toBe(canonical);
});

test('what was left out is said', () => {
  expect(parseDesignation('M16')).toMatchObject({ ok: true, value: { assumed: ['class 6g'] } });
  expect(parseDesignation('3/4-16')).toMatchObject({ ok: true, value: { assumed: ['class 2A'] } });
  expect(parseDesignation('3/4-16 UNF-2A')).toMatchObject({ ok: true, value: { assumed: [] } });
});

test('several starts have a lead of that many pitches', () => {
  const read = parseDesignation('M20xPh5P2.5-6g');
  expect(read.ok && [read.value.thread.starts, leadOf(read.value.thread)]).toEqual([2, 5]);
});

test('odd threads per inch are exact', () => {
  const read = parseDesignation('1.315-11 1/2 UNS-2A');
  expect(read.ok && printTpi(read.value.thread)).toBe('11 1/2');
});

test.each([
  ['', 'required', '3/4-16 UNF-2A'],
  ['thread', 'unreadable', 'is not a thread'],
  ['3/4-14 UNF', 'unknown-size', '3/4 UNF has 16 threads per inch, not 14'],
  ['11/16-12 UNF', 'unknown-size', 'UNF has no size 11/16'],
  ['3/4-16 UNG-2A', 'unreadable', 'UNG'],
  ['3/4-16 UNF-4A', 'unreadable', 'UNF-4A'],
  ['3/4-400', 'out-of-range', '1 to 120'],
  ['#14-24', 'out-of-range', '#0 to #12'],
  ['3/0-16', 'out-of-range', 'Size 3/0'],
  ['M16,5x2', 'decimal-comma', 'M16.5x2'],
  ['M16x1,5', 'decimal-comma', 'M16x1.5'],
  ['M23', 'unknown-size', 'no coarse pitch'],
  ['M16x20', 'out-of-range', '0.2 to 8 mm'],
  ['M16x2-6q', 'unreadable', '6g'],
  ['M16x2-5g', 'out-of-range', '5g6g'],
  ['M16x2-5g6h', 'unsupported', '5g6g'],
  ['M3x2.5', 'out-of-range', 'no core is left'],
  ['1/4-4', 'out-of-range', 'no core is left'],
  ['M20xPh4P2.5', 'out-of-range', 'whole number of pitches'],
])('“%s” is refused with %s', (text, code, says) => {
  const read = parseDesignation(text);
  expect(read).toMatchObject({ ok: false, issues: [{ field: 'thread', code }] });
  expect(!read.ok && read.issues[0]?.message).toContain(says);
});

test('every thread of the series prints and reads back as itself', () => {
  const metric = [...Object.entries(METRIC_COARSE), ...Object.entries(METRIC_FINE)].flatMap(
    ([size, pitches]) => [pitches].flat().map((pitch) => `M${size}x${pitch}`),
  );
  const unified = Object.entries(UNIFIED_SERIES).flatMap(([series, sizes]) =>
    Object.entries(sizes).map(([size, tpi]) => `${size}-${tpi} ${series}`),
  );
  fc.assert(
    fc.property(
      fc.constantFrom(
        ...metric.map((m) => [m, ['6g', '4h', '5g6g', '6H']] as const),
        ...unified.map((u) => [u, ['1A', '2A', '3A', '2B']] as const),
      ),
      fc.nat(3),
      fc.boolean(),
      ([base, classes], cls, left) => {
        const once = printed(`${base}-${classes[cls]}${left ? '-LH' : ''}`);
        expect(printed(once)).toBe(once);
      },
    ),
    { numRuns: 300 },
  );
});

test('suggestions complete what was typed: coarse before fine, external before internal', () => {
  expect(suggestThreads('m16')).toEqual([
    'M16x2-6g',
    'M16x1.5-6g',
    'M16x1-6g',
    'M16x2-6H',
    'M16x1.5-6H',
    'M16x1-6H',
  ]);
  expect(suggestThreads('3/4 -16', 4)).toEqual([
    '3/4-16 UNF-2A',
    '3/4-16 UNF-3A',
    '3/4-16 UNF-2B',
    '3/4-16 UNF-3B',
  ]);
  expect(suggestThreads('3/4-20')).toContain('3/4-20 UNEF-2A');
  expect(suggestThreads('1 1/2-8')).toContain('1 1/2-8 UN-2A');
  expect(suggestThreads('M20x1.5-6h')).toEqual(['M20x1.5-6H']);
  expect(suggestThreads('')).toEqual([]);
  expect(suggestThreads('zz')).toEqual([]);
});

test('every suggestion reads back as itself', () => {
  for (const start of ['#', '1', '2', '3/', '5', '7', 'M1', 'M2', 'M3', 'M6']) {
    for (const suggestion of suggestThreads(start, 400)) expect(printed(suggestion)).toBe(suggestion);
  }
});
