import fc from 'fast-check';
import { leadOf } from './thread';
import { parseDesignation } from './parse-designation';
import { printDesignation } from './print-designation';
import { printTpi } from './inch-size';
import { suggestThreads } from './suggest';
import { METRIC_COARSE, METRIC_FINE } from './metric/metric-series';
import { UNIFIED_SERIES } from './unified/unified-series';

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
  ['3/4-16 UNRF-2A', '3/4-16 UNF-2A'],
  ['M16', 'M16x2-6g'],
  ['m16 x 2', 'M16x2-6g'],
  ['M20×1.5-6H', 'M20x1.5-6H'],
  ['M20x1.5-5g6g', 'M20x1.5-5g6g'],
  ['M20x1.5-LH', 'M20x1.5-6g-LH'],
  ['M20xPh5P2.5-6g', 'M20xPh5P2.5-6g'],
  ['M20x2-7H-L', 'M20x2-7H-L'],
  ['M6x0.75-5h6h-S-LH', 'M6x0.75-5h6h-S-LH'],
  ['M20x2 6g N', 'M20x2-6g'],
  ['3/4-16 UNF-2A (3 starts)', '3/4-16 UNF-2A (3 starts)'],
  ['3/4-16 UNF 3-start', '3/4-16 UNF-2A (3 starts)'],
  ['.750-.0625P-.1875L (3 STARTS) UNF-2A', '3/4-16 UNF-2A (3 starts)'],
  ['.750-.0625P-.1250L UNF-2A', '3/4-16 UNF-2A (2 starts)'],
  ['1-5 ACME 2G', '1-5 Acme-2G'],
  ['1 1/2-4 Acme-3G nut LH', '1 1/2-4 Acme-3G internal-LH'],
  ['1-5 Acme (2 starts)', '1-5 Acme-2G (2 starts)'],
  ['Tr30x6', 'Tr30x6-7e'],
  ['tr 40 x 14 (P7) LH - 7H', 'Tr40x14(P7)-7H-LH'],
  ['Tr20', 'Tr20x4-7e'],
  ['7/8 BSW', '7/8-9 BSW medium bolt'],
  ['7/8-9 B.S.W. medium nut', '7/8-9 BSW medium nut'],
  ['1 1/2 in. BSF', '1 1/2-8 BSF medium bolt'],
  ['1-20 Whit', '1-20 Whit medium bolt'],
  ['G3/4A', 'G 3/4 A'],
  ['G 1-1/2', 'G 1 1/2'],
  ['G 1/2 external', 'G 1/2 A'],
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

test('what the other systems take for granted is said', () => {
  const assumed = (text: string) => {
    const read = parseDesignation(text);
    return read.ok ? read.value.assumed : [];
  };
  expect(assumed('1-5 Acme')).toEqual(['class 2G', 'external']);
  expect(assumed('1-7 Acme-2G bolt')).toEqual(['a size outside of the standard series']);
  expect(assumed('Tr30x6 nut')).toEqual(['class 7H']);
  expect(assumed('7/8 BSW')).toEqual(['medium class', 'bolt']);
  expect(assumed('G 3/4')).toEqual(['internal, as it has no class A or B']);
  expect(assumed('G 3/4 A')).toEqual([]);
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
  ['3/4-16 UNF-2A (20 starts)', 'out-of-range', '1 to 12'],
  ['.750-.0625P-.1L UNF', 'out-of-range', 'whole number of pitches'],
  ['.750-.0625P-.1250L (3 starts)', 'conflict', '2 starts, not 3'],
  ['1-5 Acme-6G', 'unreadable', '2G, 3G or 4G'],
  ['Acme', 'unreadable', '1-5 Acme-2G'],
  ['Tr30x6-7g', 'unreadable', '7e'],
  ['Tr30x6-7e nut', 'conflict', 'not internal'],
  ['Tr31', 'unknown-size', 'type the pitch'],
  ['Tr30x13(P6)', 'out-of-range', 'whole number'],
  ['Tr30x1', 'out-of-range', '1.5 to 44'],
  ['Tr30,5x6', 'decimal-comma', 'Tr30.5x6'],
  ['7/8-8 BSW', 'unknown-size', 'has 9 threads per inch, not 8'],
  ['7/8-9 BSW close', 'unsupported', 'medium'],
  ['13/16-12 BSW', 'unknown-size', 'Whit'],
  ['BSW', 'unreadable', '1/2-12 BSW'],
  ['G 7/16', 'unknown-size', 'G 1/16 to G 6'],
  ['G 3/4 A nut', 'conflict', 'no class'],
  ['G x', 'unreadable', 'G 3/4'],
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
  for (const start of ['#', '1', '2', '3/', '5', '7', 'M1', 'M2', 'M3', 'M6', 'Tr', 'G']) {
    for (const suggestion of suggestThreads(start, 400)) expect(printed(suggestion)).toBe(suggestion);
  }
});

test.each(['3/4-16P', '1-5P', '2-24P'])(
  '%s: a pitch of several inches is refused, not divided by',
  (text) => {
    expect(parseDesignation(text)).toMatchObject({ ok: false, issues: [{ code: 'out-of-range' }] });
  },
);

/** ASME B1.1, table 1: #8-32 UNC and #10-32 UNF; the same numbers with other threads are inches. */
test.each([
  ['8-32', '#8-32 UNC-2A'],
  ['10-32', '#10-32 UNF-2A'],
  ['0-80', '#0-80 UNF-2A'],
  ['8-8 UN-2A', '8-8 UN-2A'],
])('%s is %s', (typed, read) => {
  expect(printed(typed)).toBe(read);
});
