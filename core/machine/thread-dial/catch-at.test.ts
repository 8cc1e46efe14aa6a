import { catchAt, wayToNearest } from './catch-at';

/** 8 TPI, 32 teeth, eight marks; 13 TPI comes back every 8 turns of the screw. */
const odd = { gearTeeth: 32, turnsToRepeat: 8, marks: [0, 4, 8, 12, 16, 20, 24, 28], first: 0 };

test.each([
  ['on the second numbered mark', 0.25, { mark: 2, safe: true }],
  ['a little late, and it still falls in', 0.25 + 0.3 / 32, { mark: 2, safe: true }],
  ['a whole turn of the screw early', 0.25 - 1 / 32, { mark: null, safe: false }],
  ['on a plain mark', 0.125, { mark: 1, safe: false }],
  ['the next round', 1.25, { mark: 2, safe: true }],
])('%s', (_, turned, caught) => {
  expect(catchAt(turned, odd)).toMatchObject(caught);
});

test('early and late are told by the sign', () => {
  expect(catchAt(0.25 - 0.2 / 32, odd).offBy).toBeCloseTo(-0.2, 9);
  expect(catchAt(0.25 + 0.2 / 32, odd).offBy).toBeCloseTo(0.2, 9);
  expect(wayToNearest(0.24, 32, [0, 8])).toBeCloseTo(-0.32, 9);
  expect(wayToNearest(0.99, 32, [0, 8])).toBeCloseTo(-0.32, 9);
});

test('from another first mark other ones are safe', () => {
  expect(catchAt(0.125, { ...odd, first: 4 }).safe).toBe(true);
  expect(catchAt(0.25, { ...odd, first: 4 }).safe).toBe(false);
});
