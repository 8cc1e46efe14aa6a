import { nearestPreferred, stepPreferred } from './preferred-numbers';

/** R 40 series of ISO 497 and the steps that ISO 965-1 makes of it, from memory of the printed tables. */
test.each([
  [130.2, 132],
  [100, 100],
  [97, 95],
  [959, 950],
  [980, 1000],
  [17.1, 17],
])('the nearest preferred number to %d is %d', (value, preferred) => {
  expect(nearestPreferred(value)).toBe(preferred);
});

test.each([
  ['grade 4 of 118', 118, -8, 75],
  ['grade 5 of 132', 132, -4, 106],
  ['internal grade 6 of 132', 132, 5, 180],
  ['internal grade 6 of 118', 118, 5, 160],
  ['grade 8 of 236', 236, 8, 375],
])('%s: %d and %d steps is %d', (_, value, steps, result) => {
  expect(stepPreferred(value, steps)).toBe(result);
});
