import { randomFrom } from '@/core/base/chance/random';
import { BEGINNERS, simulatedLine, simulatedReading } from './simulate-gauge';
import { LONGEST_LINE, readGaugeLine } from './read-gauge-line';

test.each([
  ['0.7595', 0.7595, null],
  ['  +0.75950 in\r', 0.7595, 'in'],
  ['16.523 mm', 16.523, 'mm'],
  ['16,523mm', 16.523, 'mm'],
  ['01A+0.75950', 0.7595, null],
  ['01A-000.0012', -0.0012, null],
  ['DIAM: 0.7595"', 0.7595, 'in'],
  ['X=-.5', -0.5, null],
] as const)('the line “%s” is %s', (line, value, unit) => {
  expect(readGaugeLine(line)).toEqual({ ok: true, value: { value, unit } });
});

test.each([
  ['', 'unreadable'],
  ['ERR', 'unreadable'],
  ['0.75 0.76', 'unreadable'],
  ['1.2.3', 'unreadable'],
  ['0.75 ft', 'unreadable'],
  ['<script>', 'unreadable'],
  ['99999999', 'out-of-range'],
  ['1'.repeat(LONGEST_LINE + 1), 'too-long'],
])('the line “%s” is refused: %s', (line, code) => {
  expect(readGaugeLine(line)).toMatchObject({ ok: false, issues: [{ field: 'line', code }] });
});

test.each(['in', 'mm'] as const)(
  'a beginner in %s reads small by half of the squeeze, off by the zero, with some scatter',
  (unit) => {
    const gauge = BEGINNERS[unit];
    const random = randomFrom(5);
    const readings = Array.from({ length: 4000 }, () => simulatedReading(gauge, 1, random));
    const mean = readings.reduce((sum, each) => sum + each, 0) / readings.length;
    // Standard error of the mean: under 0.02 of the squeeze.
    expect(Math.abs(mean - (1 + gauge.zero - gauge.squeeze / 2))).toBeLessThan(gauge.squeeze * 0.02);
    // Even from 0 to the squeeze, and normal by its noise: the squares of the two add; a standard deviation of 4,000
    // readings is known to about a hundredth.
    const deviation = Math.sqrt(
      readings.reduce((sum, each) => sum + (each - mean) ** 2, 0) / readings.length,
    );
    const expected = Math.hypot(gauge.squeeze / Math.sqrt(12), gauge.noise);
    expect(Math.abs(deviation / expected - 1)).toBeLessThan(0.03);
  },
);

test('what it sends is read again as the same figure', () => {
  const random = randomFrom(9);
  for (const unit of ['in', 'mm'] as const) {
    const line = simulatedLine(BEGINNERS[unit], 0.7595, random);
    expect(readGaugeLine(line)).toMatchObject({ ok: true, value: { unit } });
    expect(simulatedReading({ unit, zero: 0, noise: 0, squeeze: 0 }, 0.75951, randomFrom(1))).toBeCloseTo(
      0.7595,
      4,
    );
  }
});
