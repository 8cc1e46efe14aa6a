import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { limitsOf } from '@/core/test/thread';
import type { ThreadLimits } from './thread-limits';

interface Row {
  designation: string;
  class: string;
  quantity: string;
  value: string;
  /** How far the printed figure may be off by its rounding; none in the files that round as the standard does. */
  tolerance?: string;
  source: string;
}

function rows(file: string): Row[] {
  const [head = '', ...lines] = readFileSync(join(__dirname, 'check-values', file), 'utf8')
    .trim()
    .split('\n');
  const names = head.split(',');
  return lines.map((line) => {
    const cells = line.match(/("[^"]*"|[^,]*)(?:,|$)/g)?.map((cell) => cell.replace(/,$/, '')) ?? [];
    return Object.fromEntries(names.map((name, index) => [name, cells[index] ?? ''])) as unknown as Row;
  });
}

/** How a designation names its class: `3/4-16 UNF-2A`, `G 1 A`. */
function named(file: string): string {
  return file === 'pipe.csv' ? ' ' : '-';
}

function pick(limits: ThreadLimits, quantity: string): number | null {
  const [name, side] = quantity.split('.');
  if (name === 'allowance') return limits.allowance;
  const band = limits[name as 'major' | 'pitchDiameter' | 'minor'];
  return band[side as 'min' | 'max'];
}

/** Every row of the files; each row names its source (printed tables, from memory). */
describe.each([
  ['unified.csv', 400],
  ['metric.csv', 200],
  ['acme.csv', 40],
  ['trapezoidal.csv', 40],
  ['whitworth.csv', 20],
  ['pipe.csv', 40],
])('published limits of %s', (file, least) => {
  const all = rows(file);

  test('there are rows to check', () => expect(all.length).toBeGreaterThan(least));

  test.each(
    all.map(
      ({ designation, class: cls, quantity, value, source, tolerance }) =>
        [
          [designation, cls].filter((part) => part !== '').join(named(file)),
          quantity,
          value,
          source,
          tolerance,
        ] as const,
    ),
  )('%s %s = %s (%s)', (designation, quantity, value, _source, tolerance) => {
    const off = Math.abs((pick(limitsOf(designation), quantity) ?? Number.NaN) - Number(value));
    expect(off).toBeLessThanOrEqual(Number(tolerance ?? 1e-9));
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

/** Rounded-root minor diameters of the ASME B1.1 and ISO 965-2 tables, from memory. */
test.each([
  ['1/4-20 UNC-2A', 0.1876],
  ['3/4-10 UNC-2A', 0.6255],
  ['M16x2-6g', 13.508],
])('%s: rounded-root minor diameter %d', (designation, minor) => {
  const limits = limitsOf(designation);
  expect(limits.side === 'external' && limits.roundedRootMinorMax).toBeCloseTo(minor, 9);
});

test('limits keep their order, external and internal', () => {
  const threads = ['#0-80 UNF', '4-4 UNC', '1 1/8-8 UN', '0.822-27 UNS'].flatMap((base) =>
    ['1A', '2A', '3A', '1B', '2B', '3B'].map((cls) => `${base}-${cls}`),
  );
  const metric = ['M1.6x0.35', 'M16x2', 'M68x6', 'M37x1.75'].flatMap((base) =>
    ['6g', '4h', '6e', '8f', '6H', '5H', '7G'].map((cls) => `${base}-${cls}`),
  );
  for (const designation of [...threads, ...metric]) {
    const { major, pitchDiameter, minor } = limitsOf(designation);
    expect(pitchDiameter.max).toBeGreaterThan(pitchDiameter.min);
    expect(major.min).toBeGreaterThan(pitchDiameter.min);
    expect(minor.max).toBeLessThan(pitchDiameter.max);
    if (major.max !== null) expect(major.max).toBeGreaterThan(major.min);
    if (minor.min !== null) expect(minor.max).toBeGreaterThan(minor.min);
  }
});

test('a nut and its bolt of the usual classes always go together', () => {
  for (const [bolt, nut] of [
    ['3/4-16 UNF-2A', '3/4-16 UNF-2B'],
    ['3/8-24 UNF-3A', '3/8-24 UNF-3B'],
    ['M16x2-6g', 'M16x2-6H'],
    ['M20x1.5-4h', 'M20x1.5-5H'],
  ] as const) {
    const external = limitsOf(bolt);
    const internal = limitsOf(nut);
    expect(internal.pitchDiameter.min).toBeGreaterThanOrEqual(external.pitchDiameter.max);
    expect(internal.major.min).toBeGreaterThanOrEqual(external.major.max ?? 0);
    expect(internal.minor.min ?? 0).toBeGreaterThanOrEqual(external.minor.max - 0.0005);
  }
});
