import { roundTo } from '@/core/base/units/round';
import { outline, partOf, type PartSaid } from './part-shape';

const SAID: PartSaid = {
  side: 'external',
  nominalDiameter: 16,
  diameter: 15.9,
  root: 13.4,
  relief: 13.4,
  end: 'groove',
  endLength: 6,
  threadLength: 20,
  chamfer: { angleDeg: 45, diameter: null },
  register: { diameter: null, length: null, at: 'behind', made: 'before' },
};
const drawn = (change: Partial<PartSaid>) => outline(partOf({ ...SAID, ...change }));
const register = (at: 'mouth' | 'behind', made: 'before' | 'after') => ({
  diameter: 18,
  length: 5,
  at,
  made,
});

test('without a register: chamfer to the root, thread, groove, shoulder', () => {
  const { points, threadFrom, registerLater } = drawn({});
  expect(threadFrom).toBe(0);
  expect(registerLater).toEqual([]);
  expect(points.slice(0, 5).map(([z, r]) => [roundTo(z, 9), roundTo(r, 9)])).toEqual([
    [0, 6.7],
    [1.25, 7.95],
    [20, 7.95],
    [20, 6.7],
    [26, 6.7],
  ]);
});

test('what nobody said of the length is a length and a half of the diameter', () =>
  expect(partOf({ ...SAID, threadLength: null })).toMatchObject({
    threadLength: 24,
    threadLengthKnown: false,
  }));

test('a register behind lies after the run-out', () => {
  const { points, threadFrom } = drawn({ register: register('behind', 'before') });
  expect(threadFrom).toBe(0);
  expect(points).toContainEqual([26, 9]);
  expect(points).toContainEqual([31, 9]);
});

test('a register at the mouth lies before the thread, which begins behind it', () => {
  const bore = { side: 'internal', diameter: 14, root: 16.2, relief: 16.4, end: 'recess' } as const;
  const { points, threadFrom, length } = drawn({ ...bore, register: register('mouth', 'before') });
  expect(threadFrom).toBe(5);
  expect(points.slice(0, 3)).toEqual([
    [0, 9],
    [5, 9],
    [5, 8.1],
  ]);
  expect(points).toContainEqual([25, 7]);
  expect(length).toBeCloseTo(25 + 6 + 0.35 * 14, 9);
});

test.each([
  ['mouth', 0, 5],
  ['behind', 26, 31],
] as const)('a register that is made after the thread is not there yet: %s', (at, from, to) => {
  const { points, registerLater } = drawn({ register: register(at, 'after') });
  expect(points.every(([, r]) => r !== 9)).toBe(true);
  expect(registerLater).toEqual([
    [from, 7.95],
    [from, 9],
    [to, 9],
    [to, 7.95],
  ]);
});
