import fc from 'fast-check';
import {
  constantAreaSchedule,
  dialReading,
  fewestRoughingPasses,
  largestInfeed,
  type ScheduleOrder,
} from './index';

const order: ScheduleOrder = {
  groove: { pitch: 1 / 16, tip: { kind: 'flat', flat: 0.0078 }, flankAngleDeg: 30, compoundAngleDeg: 29.5 },
  totalFeed: 0.04673,
  graduation: 0.001,
  scratchGraduations: 2,
  roughingPasses: 8,
  finishingPasses: 2,
  finishingGraduations: 1,
  springPasses: 2,
};

function passesOf(of: ScheduleOrder) {
  const schedule = constantAreaSchedule(of);
  if (!('passes' in schedule)) throw new Error(schedule.refused);
  return schedule.passes;
}

test('scratch, roughing, finishing and spring passes in that order, ending on the rounded total', () => {
  const passes = passesOf(order);
  expect(passes.map((pass) => pass.kind)).toEqual([
    'scratch',
    ...Array<string>(8).fill('rough'),
    'finish',
    'finish',
    'spring',
    'spring',
  ]);
  expect(passes.at(-1)?.readingGraduations).toBe(47);
  expect(passes.at(-3)?.infeedGraduations).toBe(1);
  expect(passes.at(-1)?.infeedGraduations).toBe(0);
  expect(passes.at(-1)?.chipArea).toBe(0);
});

/** Trade formula for a sharp tool: depth after pass k of N = h sqrt(k / N). */
test('a sharp tool without scratch and finish follows h sqrt(k / N)', () => {
  const passes = passesOf({
    ...order,
    groove: { ...order.groove, tip: { kind: 'sharp' } },
    graduation: 1e-7,
    totalFeed: 0.05,
    scratchGraduations: 0,
    finishingPasses: 0,
    springPasses: 0,
  });
  passes.forEach((pass) => expect(pass.reading).toBeCloseTo(0.05 * Math.sqrt(pass.n / 8), 6));
  const areas = passes.map((pass) => pass.chipArea);
  areas.forEach((area) => expect(area / (areas[0] ?? 0)).toBeCloseTo(1, 4));
});

test('rounding never adds up: infeeds sum to the last reading, each reading is within half a graduation', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 30, max: 120 }),
      fc.integer({ min: 1, max: 9 }),
      (total, roughingPasses) => {
        const schedule = constantAreaSchedule({ ...order, totalFeed: total * 0.001, roughingPasses });
        if (!('passes' in schedule)) return;
        const sum = schedule.passes.reduce((all, pass) => all + pass.infeedGraduations, 0);
        expect(sum).toBe(total);
        schedule.passes.forEach((pass) => expect(Number.isInteger(pass.readingGraduations)).toBe(true));
      },
    ),
  );
});

test('refusals', () => {
  expect(constantAreaSchedule({ ...order, scratchGraduations: 45 })).toEqual({
    refused: 'scratch-and-finish-too-deep',
  });
  expect(constantAreaSchedule({ ...order, roughingPasses: 60 })).toEqual({
    refused: 'too-many-roughing-passes',
  });
  expect(constantAreaSchedule({ ...order, totalFeed: 0.0001 })).toEqual({ refused: 'nothing-to-cut' });
});

test('the suggested number of passes is the fewest that keeps the limit', () => {
  const fewest = fewestRoughingPasses(order, 8);
  expect(fewest).not.toBeNull();
  expect(largestInfeed(passesOf({ ...order, roughingPasses: fewest ?? 0 }))).toBeLessThanOrEqual(8);
  expect(largestInfeed(passesOf({ ...order, roughingPasses: (fewest ?? 0) - 1 }))).toBeGreaterThan(8);
  expect(fewestRoughingPasses({ ...order, totalFeed: 1 }, 0)).toBeNull();
});

test('a reading beyond one turn is turns and rest', () => {
  expect(dialReading(253, 100)).toEqual({ turns: 2, graduations: 53 });
  expect(dialReading(100, 100)).toEqual({ turns: 1, graduations: 0 });
  expect(dialReading(47, 100)).toEqual({ turns: 0, graduations: 47 });
});
