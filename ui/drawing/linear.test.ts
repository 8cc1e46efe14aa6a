import { linear } from './linear';

test('a straight scale goes there and back, also downward', () => {
  const x = linear([-0.5, 0.5], [400, 200]);
  expect(x(-0.5)).toBe(400);
  expect(x(0.5)).toBe(200);
  expect(x(0)).toBe(300);
  expect(x(1)).toBe(100);
  expect(x.invert(250)).toBeCloseTo(0.25, 12);
});

test.each([
  [0, 1, 0, 640],
  [0.6803, 0.6882, 10, 310],
  [20, 17.5, 64, 544],
])('from %p to %p it is exact to a millionth of a pixel', (from, to, start, end) => {
  const scale = linear([from, to], [start, end]);
  for (const share of [0, 0.1, 1 / 3, 1, 1.7])
    expect(scale(from + share * (to - from))).toBeCloseTo(start + share * (end - start), 6);
  expect(scale.invert(scale(from + 0.37 * (to - from)))).toBeCloseTo(from + 0.37 * (to - from), 9);
});
