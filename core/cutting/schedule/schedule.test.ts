import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { chartRows, constantInfeedRows, listRows, ownRows, twoThirdsRows, untilRows } from './school-rows';
import { constantAreaRows, fewestRoughing, largestOf, type ExactRow } from './exact-rows';
import { lastGraduation, rowsOnDial } from './passes-on-dial';

const order = {
  groove: {
    pitch: 1 / 16,
    starts: 1,
    fed: 1,
    tip: { kind: 'flat', flat: 0.0078 },
    flankAngleDeg: 30,
    compoundAngleDeg: 29.5,
  },
} as const;

const readings = (rows: ExactRow[] | null) => rows?.map(({ reading }) => Math.round(reading * 1e4) / 1e4);
const kinds = (rows: ExactRow[] | null) => rows?.map(({ kind }) => kind);

/** Common practice (trade schools' ways of feeding): the figures are worked by hand. */
describe('the schools', () => {
  const asked = { totalFeed: 0.045, scratch: 0.002, finishing: 2, finishingInfeed: 0.001, spring: 1 };

  test('constant infeed: the same throughout, the last two share a sliver', () => {
    const rows = constantInfeedRows(asked, 0.01);
    expect(readings(rows)).toEqual([0.002, 0.012, 0.022, 0.032, 0.0375, 0.043, 0.044, 0.045, 0.045]);
    expect(kinds(rows)?.at(-1)).toBe('spring');
    expect(constantInfeedRows({ ...asked, totalFeed: 0.003 }, 0.01)).toBeNull();
  });

  test('0.05 mm on a dial of 0.05 mm simply works', () => {
    const rows = constantInfeedRows(
      { totalFeed: 1.3, scratch: 0.04, finishing: 2, finishingInfeed: 0.02, spring: 0 },
      0.05,
    );
    const dial = { ...usualLathe('mm').compound.dial, graduation: { value: 0.05, unit: 'mm' as const } };
    const onDial = rowsOnDial(
      (rows ?? []).map(({ kind, infeed, reading }) => ({
        kind,
        infeed: { value: infeed, unit: 'mm' as const },
        reading: { value: reading, unit: 'mm' as const },
      })),
      dial,
      26,
    );
    const steps = onDial.map(
      ({ readingGraduations }, index) => readingGraduations - (onDial[index - 1]?.readingGraduations ?? 0),
    );
    expect(onDial.at(-1)?.readingGraduations).toBe(26);
    expect(new Set(steps)).toEqual(new Set([1]));
  });

  test('to two thirds, then smaller', () => {
    const rows = twoThirdsRows({ ...asked, scratch: 0, finishing: 1 }, 0.005, 0.002);
    expect(readings(rows)?.slice(0, 8)).toEqual([0.005, 0.01, 0.015, 0.02, 0.025, 0.03, 0.032, 0.034]);
  });

  test('a decreasing list, whose last infeed goes on', () => {
    const rows = listRows(
      { ...asked, scratch: 0, finishing: 0, spring: 0 },
      [0.008, 0.008, 0.007, 0.006, 0.005],
    );
    expect(readings(rows)).toEqual([0.008, 0.016, 0.023, 0.029, 0.034, 0.039, 0.042, 0.045]);
  });

  test('cumulative readings of a chart: what is repeated is a spring pass', () => {
    const rows = chartRows([0.015, 0.0225, 0.0275, 0.0325, 0.0345, 0.0345]);
    expect(kinds(rows)).toEqual(['rough', 'rough', 'rough', 'rough', 'rough', 'spring']);
    expect(rows.at(-1)?.infeed).toBe(0);
  });

  test('until a check, and an own table', () => {
    const order = { scratch: 0.002, infeed: 0.003, nearInfeed: 0.003, totalFeed: 0.045 };
    expect(readings(untilRows({ ...order, atMost: 3 }))).toEqual([0.002, 0.005, 0.008, 0.011]);
    const own = ownRows([
      { kind: 'scratch', infeed: 0.001 },
      { kind: 'rough', infeed: 0.006 },
      { kind: 'spring', infeed: 0 },
    ]);
    expect(readings(own)).toEqual([0.001, 0.007, 0.007]);
  });
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
