import { limitsOf } from '@/core/test/thread';

/**
 * ASME B1.5, table of limits, general purpose 2G, from memory of the handbook table: 1-5, 1 1/2-4 and 2-4, 1/2-10.
 */
test.each([
  ['1-5 Acme-2G', { min: 0.99, max: 1 }, { min: 0.8726, max: 0.892 }, { min: 0.7509, max: 0.78 }],
  ['1 1/2-4 Acme-2G', { min: 1.4875, max: 1.5 }, { min: 1.3429, max: 1.3652 }, { max: 1.23 }],
  ['2-4 Acme-2G', { min: 1.9875, max: 2 }, { min: 1.8402, max: 1.8637 }, { max: 1.73 }],
  ['1/2-10 Acme-2G', { min: 0.495, max: 0.5 }, { min: 0.4306, max: 0.4443 }, { max: 0.38 }],
])('%s has the printed limits', (text, major, pitchDiameter, minor) => {
  expect(limitsOf(text)).toMatchObject({ standard: 'ASME B1.5', major, pitchDiameter, minor });
});

test('the nut has clearance at the major and none at the pitch diameter', () => {
  expect(limitsOf('1-5 Acme-2G internal')).toMatchObject({
    allowance: 0,
    major: { min: 1.02, max: 1.04 },
    pitchDiameter: { min: 0.9, max: 0.9194 },
    minor: { min: 0.8, max: 0.81 },
  });
});

test('finer than 10 threads per inch the clearance is 0.010, and no crest tolerance is under 0.005', () => {
  expect(limitsOf('3/8-12 Acme-2G').minor.max).toBeCloseTo(0.375 - 1 / 12 - 0.01, 4);
  expect(limitsOf('1/4-16 Acme-2G').major.min).toBeCloseTo(0.245, 9);
});

test('closer classes are closer', () => {
  const [two, three, four] = ['2G', '3G', '4G'].map((cls) => limitsOf(`1-5 Acme-${cls}`));
  expect(three?.tolerance.pitchDiameter).toBeLessThan(two?.tolerance.pitchDiameter ?? 0);
  expect(four?.tolerance.pitchDiameter).toBeLessThan(three?.tolerance.pitchDiameter ?? 0);
  expect(four?.allowance).toBe(0.004);
});
