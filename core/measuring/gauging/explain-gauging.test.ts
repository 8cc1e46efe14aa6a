import { limitsOf, threadOf } from '@/core/test/thread';
import { explainGauging } from './explain-gauging';
import { explainMeasuredPitchDiameter } from './measured-pitch-diameter';
import { explainUncertainty, pitchDiameterUncertainty } from './uncertainty';

const whys = (text: string) => explainGauging(threadOf(text), limitsOf(text));

/** Figures of 3/4-16 UNF-2A: best wire 0.57735 / 16, gauges at the limits (ASME B1.1 table, from memory). */
test('the numbers put in end in the figures of the table', () => {
  const { best, over, gauges, lead } = whys('3/4-16 UNF-2A');
  expect(best.numbers).toMatch(/^0\.062500 \/ .* = 0\.03608 in$/);
  expect(over.numbers).toMatch(/= 0\.7620 in;  at the smallest 0\.7570 in$/);
  expect(gauges.numbers).toBe('GO 0.7079, NO-GO 0.7029 in');
  expect(lead.numbers).toMatch(/exact 0\.000021, plain 0\.000022 in$/);
});

test('inside there are balls and plugs', () => {
  const { best, range, over, gauges } = whys('M16x2-6H');
  expect([best.title, range.title, gauges.title]).toEqual([
    'Best ball',
    'Usable balls',
    'GO and NO-GO plugs',
  ]);
  expect(over.formula).toContain('D2 − w (1 / sin a − 1)');
});

test('every reason names its source, whatever the form', () => {
  for (const text of ['1-5 Acme-2G', 'Tr30x6-7H', '7/8 BSW', 'G 3/4 A', 'M20xPh5P2.5-6g'])
    Object.values(whys(text)).forEach(({ source, numbers }) => {
      expect(source.length).toBeGreaterThan(8);
      expect(numbers).not.toMatch(/NaN|undefined/);
    });
});

test('a measured pitch diameter says how it was reached', () => {
  const thread = threadOf('M16x2-6g');
  const three = explainMeasuredPitchDiameter(thread, {
    method: 'three-wires',
    reading: 16.317,
    zero: 0.002,
    wire: 1.1547,
  });
  expect(three.numbers).toMatch(/^16\.3170 − 0\.0020, wires of 1\.1547: 14\.58\d mm$/);
  const micrometer = explainMeasuredPitchDiameter(thread, {
    method: 'thread-micrometer',
    reading: 14.585,
    zero: 0.005,
  });
  expect(micrometer).toMatchObject({ formula: 'd2 = reading − zero', source: 'Common practice' });
  expect(micrometer.numbers).toContain(': 14.580 mm');
});

test('an uncertainty shows its root sum of squares', () => {
  const uncertainty = pitchDiameterUncertainty({
    micrometerError: 0.003,
    wireUncertainty: 0,
    readings: [16],
    flankAngleDeg: 30,
    side: 'external',
  });
  const { numbers, assumes } = explainUncertainty(uncertainty, 'mm');
  expect(numbers).toMatch(/^√\(0\.00173².*U = 0\.00346 mm$/);
  expect(assumes).toContain('micrometer, wire, repeatability');
});
