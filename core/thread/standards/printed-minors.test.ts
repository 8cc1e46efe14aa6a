import { limitsOf, threadOf } from '@/core/test/thread';
import { printedMinors } from './printed-minors';

const minors = (designation: string) =>
  Object.fromEntries(
    printedMinors(threadOf(designation), limitsOf(designation).allowance).map(({ id, basic, ofClass }) => [
      id,
      [basic, ofClass],
    ]),
  );

/** D - 1.1908 P, D - 1.2269 P, D - 1.2990 P (common practice, as tables print them); ASME B1.1 for the allowance 0.0012. */
test('5/16-18 UNC-2A: each by the form of its root, and less the allowance', () =>
  expect(minors('5/16-18 UNC-2A')).toEqual({
    'root-rounded-unr': [0.2463, 0.2451],
    'root-rounded-h6': [0.2443, 0.2431],
    'root-flat-p8': [0.2403, 0.2391],
  }));

/** ISO 68-1: d3 = d - 1.226869 P; 3A and h have no allowance. */
test.each([
  ['M16x2-6h', { 'root-rounded-h6': [13.546, 13.546], 'root-flat-p8': [13.402, 13.402] }],
  ['M16x2-6g', { 'root-rounded-h6': [13.546, 13.508], 'root-flat-p8': [13.402, 13.364] }],
])('%s has no UNR root', (designation, found) => expect(minors(designation)).toEqual(found));

test.each(['3/4-10 UNC-2B', '3/4-6 Acme-2G', 'Tr30x6-7e', '7/8-9 BSW medium bolt'])(
  '%s has none: a bore, or another form',
  (designation) => expect(minors(designation)).toEqual({}),
);
