import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { externalLimits, parseDesignation, type ExternalLimits } from './index';

interface Row {
  designation: string;
  class: string;
  quantity: string;
  value: string;
  source: string;
}

function rows(file: string): Row[] {
  const [head = '', ...lines] = readFileSync(join(__dirname, '../check-values', file), 'utf8')
    .trim()
    .split('\n');
  const names = head.split(',');
  return lines.map((line) => {
    const cells = line.match(/("[^"]*"|[^,]+)/g) ?? [];
    return Object.fromEntries(names.map((name, index) => [name, cells[index] ?? ''])) as unknown as Row;
  });
}

function limitsOf(designation: string): ExternalLimits {
  const read = parseDesignation(designation);
  if (!read.ok) throw new Error(`${designation}: ${read.issues[0]?.message}`);
  const limits = externalLimits(read.value.thread);
  if (!limits.ok) throw new Error(`${designation}: ${limits.issues[0]?.message}`);
  return limits.value;
}

function pick(limits: ExternalLimits, quantity: string): number | null {
  const [name, side] = quantity.split('.');
  if (name === 'allowance') return limits.allowance;
  const band = limits[name as 'major' | 'pitchDiameter' | 'minor'];
  return band[side as 'min' | 'max'];
}

/** Every external row of the two files; each row names its source (printed tables, from memory). */
describe.each([
  ['unified.csv', (row: Row) => row.class.endsWith('A')],
  ['metric.csv', (row: Row) => row.class === row.class.toLowerCase()],
] as const)('published limits of %s', (file, isExternal) => {
  const external = rows(file).filter(isExternal);

  test('there are rows to check', () => expect(external.length).toBeGreaterThan(90));

  test.each(
    external.map((row) => [`${row.designation}-${row.class}`, row.quantity, row.value, row.source] as const),
  )('%s %s = %s (%s)', (designation, quantity, value) => {
    expect(pick(limitsOf(designation), quantity)).toBeCloseTo(Number(value), 9);
  });
});

/**
 * ISO 965-2 (limits for the most used threads, 6g), from memory of the printed table: M16 and M20x1.5;
 * ASME B1.1 limits table, from memory: 3/8-24 UNF-3A and 3/4-16 UNF-2A.
 */
test.each([
  ['M16x2-6g', { max: 15.962, min: 15.682 }, { max: 14.663, min: 14.503 }],
  ['M20x1.5-6g', { max: 19.968, min: 19.732 }, { max: 18.994, min: 18.854 }],
  ['3/4-16 UNF-2A', { max: 0.7485, min: 0.7391 }, { max: 0.7079, min: 0.7029 }],
  ['3/8-24 UNF-3A', { max: 0.375, min: 0.3678 }, { max: 0.3479, min: 0.345 }],
])('%s has the printed limits', (designation, major, pitchDiameter) => {
  expect(limitsOf(designation)).toMatchObject({ major, pitchDiameter });
});

test('limits keep their order for every listed thread and class', () => {
  for (const designation of [
    '#0-80 UNF-3A',
    '4-4 UNC-1A',
    'M1x0.2-4h',
    'M68x6-9e8e',
    'M37x1.75-6g',
    '0.822-27 UNS-2A',
  ]) {
    const { major, pitchDiameter, minor } = limitsOf(designation);
    expect(major.max).toBeGreaterThan(major.min);
    expect(pitchDiameter.max).toBeGreaterThan(pitchDiameter.min);
    expect(major.min).toBeGreaterThan(pitchDiameter.max);
    expect(pitchDiameter.min).toBeGreaterThan(minor.max);
  }
});

test('an internal class is refused with the external ones named', () => {
  const read = parseDesignation('3/4-16 UNF-2B');
  const limits = read.ok ? externalLimits(read.value.thread) : read;
  expect(limits).toMatchObject({ ok: false, issues: [{ field: 'thread', code: 'unsupported' }] });
});
