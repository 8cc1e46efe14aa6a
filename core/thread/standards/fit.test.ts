import { threadOf } from '@/core/test/thread';
import { explainLimits } from './explain-limits';
import { fitOf, matingThread } from './fit';
import { printDesignation } from './print-designation';
import { threadLimits } from './limits';

test.each([
  ['3/4-16 UNF-2A', '3/4-16 UNF-2B'],
  ['3/8-24 UNF-3B', '3/8-24 UNF-3A'],
  ['M16x2-6g', 'M16x2-6H'],
  ['M20x1.5-5H-LH', 'M20x1.5-6g-LH'],
  ['1-5 Acme-3G', '1-5 Acme-3G internal'],
  ['Tr30x6-7H-LH', 'Tr30x6-7e-LH'],
  ['7/8 BSW', '7/8-9 BSW medium nut'],
  ['G 3/4', 'G 3/4 A'],
  ['G 3/4 B', 'G 3/4'],
])('%s goes with %s', (one, other) => {
  expect(printDesignation(matingThread(threadOf(one)))).toBe(other);
});

/** ASME B1.1 limits tables, from memory: 3/4-16 UNF 2A 0.7029 to 0.7079, 2B 0.7094 to 0.7159. */
test('play of a fit on the pitch diameter', () => {
  const fit = fitOf(threadOf('3/4-16 UNF-2A'));
  expect(fit.internal.limits.pitchDiameter).toEqual({ min: 0.7094, max: 0.7159 });
  expect(fit.clearance.min).toBeCloseTo(0.0015, 9);
  expect(fit.clearance.max).toBeCloseTo(0.013, 9);
  expect(fitOf(threadOf('3/4-16 UNF-2B')).clearance).toEqual(fit.clearance);
});

test('class 3 and position h may touch', () => {
  expect(fitOf(threadOf('3/8-24 UNF-3A')).clearance.min).toBeCloseTo(0, 9);
  expect(fitOf(threadOf('M16x2-6h')).clearance.min).toBeCloseTo(0, 9);
});

test.each([
  '3/4-16 UNF-2A',
  '3/4-16 UNF-2B',
  'M16x2-6g',
  'M16x2-6H',
  'M16x2-7G',
  '1-5 Acme-2G',
  '1-5 Acme-2G internal',
  'Tr30x6-7e',
  'Tr30x6-7H',
  '7/8-9 BSW medium bolt',
  '1-10 BSF medium nut',
  'G 3/4 A',
  'G 3/4',
])('the reasons of %s end in its limits', (text) => {
  const thread = threadOf(text);
  const limits = threadLimits(thread);
  const whys = explainLimits(thread, limits);
  const decimals = thread.unit === 'in' ? 4 : 3;
  expect(whys.pitchDiameter.numbers).toContain(`= ${limits.pitchDiameter.max.toFixed(decimals)}`);
  expect(whys.pitchDiameter.numbers).toContain(`= ${limits.pitchDiameter.min.toFixed(decimals)}`);
  Object.values(whys).forEach(({ source }) => expect(source).toMatch(/ASME B1|ISO \d+|BS 84/));
});
