import { boreForPercent, percentForBore } from './index';

/** Common practice D - 1.0262 / n is 79 % of the full and 94.8 % of the basic height. */
test('the taught rule on both bases', () => {
  expect(percentForBore(1, 1, 1 - 1.0262, 'full')).toBeCloseTo(79.0, 1);
  expect(percentForBore(1, 1, 1 - 1.0262, 'basic')).toBeCloseTo(94.8, 1);
});

/** Handbook tap-drill formula, from memory: D - 0.01299 x percent / n; 3/4-10 at 75 % is 0.6526. */
test('75 % of the full height', () => {
  expect(boreForPercent(0.75, 0.1, 75, 'full')).toBeCloseTo(0.6526, 4);
});

test('100 % of the basic height is the basic minor diameter, and back', () => {
  expect(boreForPercent(20, 2.5, 100, 'basic')).toBeCloseTo(17.294, 3);
  expect(percentForBore(20, 2.5, boreForPercent(20, 2.5, 66, 'basic'), 'basic')).toBeCloseTo(66, 9);
});
