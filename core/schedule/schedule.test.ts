import fc from 'fast-check';
import {
  constantAreaRows,
  constantAreaSchedule,
  fewestRoughing,
  fewestRoughingPasses,
  lastGraduation,
  largestInfeed,
  largestOf,
  rowsOnDial,
  type ScheduleOrder,
} from './index';

const order: ScheduleOrder = {
  groove: {
    pitch: 1 / 16,
    starts: 1,
    fed: 1,
    tip: { kind: 'flat', flat: 0.0078 },
    flankAngleDeg: 30,
    compoundAngleDeg: 29.5,
  },
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
        const coarse = { ...order, totalFeed: total * 0.001, roughingPasses };
        const schedule = constantAreaSchedule(coarse);
        if (!('passes' in schedule)) return;
        // The same schedule on a dial a thousand times finer is the exact one.
        const fine = passesOf({
          ...coarse,
          graduation: 1e-6,
          scratchGraduations: 2000,
          finishingGraduations: 1000,
        });
        const sum = schedule.passes.reduce((all, pass) => all + pass.infeedGraduations, 0);
        expect(sum).toBe(total);
        schedule.passes.forEach((pass, index) => {
          expect(Number.isInteger(pass.readingGraduations)).toBe(true);
          expect(Math.abs(pass.reading - (fine[index]?.reading ?? NaN))).toBeLessThanOrEqual(0.000501);
        });
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

describe('exact rows, and rows on a dial', () => {
  const asked = {
    groove: order.groove,
    totalFeed: 0.04673,
    scratch: 0.002,
    finishing: 2,
    finishingInfeed: 0.001,
    spring: 2,
  };
  const rows = constantAreaRows({ ...asked, roughing: 8 }) ?? [];
  const dial = (graduation: number, unit: 'in' | 'mm') =>
    ({
      graduation: { value: graduation, unit },
      reads: 'travel',
      perTurn: { value: 1, unit },
      counts: 'up',
    }) as const;
  const lengths = rows.map(({ kind, infeed, reading }) => ({
    kind,
    infeed: { value: infeed, unit: 'in' as const },
    reading: { value: reading, unit: 'in' as const },
  }));

  test('the rows end exactly on the feed, and infeeds are the differences of readings', () => {
    expect(rows.at(-1)?.reading).toBe(0.04673);
    rows.forEach(({ infeed, reading }, index) =>
      expect(infeed).toBeCloseTo(reading - (rows[index - 1]?.reading ?? 0), 12),
    );
    expect(constantAreaRows({ ...asked, roughing: 3, scratch: 0.045 })).toBeNull();
  });

  test('the fewest roughing passes keep the limit, one less does not', () => {
    const fewest = fewestRoughing(asked, 0.008) ?? 0;
    expect(largestOf(constantAreaRows({ ...asked, roughing: fewest }) ?? [])).toBeLessThanOrEqual(0.008);
    expect(largestOf(constantAreaRows({ ...asked, roughing: fewest - 1 }) ?? [])).toBeGreaterThan(0.008);
    expect(fewestRoughing(asked, 0)).toBeNull();
  });

  test('on a dial each reading is the nearest graduation, finishing infeeds keep their size', () => {
    const onDial = rowsOnDial(lengths, dial(0.001, 'in'), 47);
    expect(onDial.map(({ readingGraduations }) => readingGraduations).slice(-5)).toEqual([
      45, 46, 47, 47, 47,
    ]);
    onDial
      .slice(0, -5)
      .forEach(({ row, readingGraduations }) =>
        expect(Math.abs(readingGraduations - (rows[row - 1]?.reading ?? 0) / 0.001)).toBeLessThanOrEqual(0.5),
      );
  });

  test('rows that a coarse dial can not tell apart are left out, and the last reading stays', () => {
    const onDial = rowsOnDial(lengths, dial(0.2, 'mm'), 6);
    expect(onDial.length).toBeLessThan(rows.length);
    const feeding = onDial
      .filter(({ kind }) => kind !== 'spring')
      .map(({ readingGraduations }) => readingGraduations);
    expect(feeding.at(-1)).toBe(6);
    expect(new Set(feeding).size).toBe(feeding.length);
  });

  test('the last graduation is the nearest, else its neighbour inside the band, else the one that leaves material', () => {
    const landing = (graduations: number) => 10 - graduations * 0.1;
    expect(lastGraduation(5.4, landing, { min: 9.4, max: 9.6 })).toBe(5);
    expect(lastGraduation(5.4, landing, { min: 9.35, max: 9.45 })).toBe(6);
    expect(lastGraduation(5.6, landing, { min: 9.43, max: 9.47 })).toBe(5);
  });
});
