import { guardedBand, pitchDiameterUncertainty } from './uncertainty';

/** Worked by hand after the GUM: rectangular / sqrt 3, wire three times, s / sqrt n. */
test('root sum of squares of micrometer, wire and scatter', () => {
  const { contributions, combined, expanded } = pitchDiameterUncertainty({
    micrometerError: 0.003,
    wireUncertainty: 0.0005,
    readings: [16.316, 16.318, 16.32],
    flankAngleDeg: 30,
    side: 'external',
  });
  expect(contributions[0]?.standard).toBeCloseTo(0.001732, 6);
  expect(contributions[1]?.standard).toBeCloseTo(0.0015, 12);
  expect(contributions[2]?.standard).toBeCloseTo(0.002 / Math.sqrt(3), 9);
  expect(combined).toBeCloseTo(Math.sqrt(0.001732 ** 2 + 0.0015 ** 2 + 0.0011547 ** 2), 6);
  expect(expanded).toBe(2 * combined);
});

test('one reading says nothing of the scatter', () => {
  expect(
    pitchDiameterUncertainty({
      micrometerError: 0.003,
      wireUncertainty: 0,
      readings: [16.3],
      flankAngleDeg: 30,
      side: 'external',
    }).combined,
  ).toBeCloseTo(0.003 / Math.sqrt(3), 12);
});

test('the guard band narrows the limits, until nothing is left', () => {
  expect(guardedBand({ min: 1, max: 2 }, 0.25)).toEqual({ min: 1.25, max: 1.75 });
  expect(guardedBand({ min: 1, max: 2 }, 0.5)).toEqual({ min: 1.5, max: 1.5 });
  expect(guardedBand({ min: 1, max: 2 }, 0.51)).toBeNull();
});

test('over one wire the micrometer counts twice and the major adds; a thread micrometer has no wire', () => {
  const known = {
    micrometerError: 0.003,
    wireUncertainty: 0.0005,
    readings: [16.3],
    flankAngleDeg: 30,
    side: 'external',
  } as const;
  const one = pitchDiameterUncertainty({ ...known, method: 'one-wire' });
  expect(one.contributions.map(({ name }) => name)).toEqual(['micrometer', 'major', 'wire', 'repeatability']);
  expect(one.combined).toBeCloseTo(Math.hypot(0.006 / Math.sqrt(3), 0.003 / Math.sqrt(3), 0.0015), 12);
  expect(pitchDiameterUncertainty({ ...known, method: 'thread-micrometer' }).combined).toBeCloseTo(
    0.003 / Math.sqrt(3),
    12,
  );
});
