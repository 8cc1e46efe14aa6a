import { namesSquare, readSquare } from './square-thread';
import { parseDesignation } from '../parse-designation';

test.each([
  [
    'Sq 1-4',
    { designation: 'Sq 1-4', unit: 'in', major: 1, minor: 0.75, pitchDiameter: 0.875, toolWidth: 0.125 },
  ],
  ['1-4 square', { designation: 'Sq 1-4', depth: 0.125, lead: 0.25 }],
  ['Sq 30x6 LH', { designation: 'Sq 30x6-LH', unit: 'mm', minor: 24, hand: 'left' }],
  ['square 30x12(P6)', { designation: 'Sq 30x12(P6)', starts: 2, lead: 12, pitch: 6 }],
  ['Sq 1-4 (2 starts)', { designation: 'Sq 1-4 (2 starts)', starts: 2, lead: 0.5 }],
])('%s has plain sizes', (text, sizes) => {
  expect(namesSquare(text)).toBe(true);
  expect(readSquare(text)).toMatchObject({ ok: true, value: sizes });
});

test.each([
  ['Sq', 'unreadable'],
  ['Sq 1-4 nonsense', 'unreadable'],
  ['Sq 1-0', 'out-of-range'],
  ['Sq 6x6', 'out-of-range'],
  ['Sq 30x0', 'out-of-range'],
  ['Sq 30x13(P6)', 'out-of-range'],
])('“%s” is refused with %s', (text, code) => {
  expect(readSquare(text)).toMatchObject({ ok: false, issues: [{ code }] });
});

test('where limits are wanted it is refused with the way to its sizes', () => {
  expect(parseDesignation('Sq 1-4')).toMatchObject({ ok: false, issues: [{ code: 'unsupported' }] });
  expect(namesSquare('3/4-16 UNF-2A')).toBe(false);
});
