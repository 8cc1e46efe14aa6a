import { TRUE_GROOVE } from '@/core/test/groove';
import { fairness } from './fairness';
import { normalQuantile, randomFrom } from '@/core/base/chance/random';
import { oneTry } from './one-try';
import { sourcesOf, type FairCase } from './fair-case';

const NONE = { blank: 0, tip: 0, angle: 0, dial: 0, zero: 0, bending: 0, wire: 0, micrometer: 0, nut: 0 };
/** An M16x2-6g (ISO 965-1: 14.503 to 14.663) on 15.9, flat P/8 at 29.5 degrees. */
const base: FairCase = {
  groove: TRUE_GROOVE,
  side: 'external',
  workDiameter: 15.9,
  readings: [0.3, 0.6, 0.85, 1.05, 1.2, 1.32, 1.42, 1.48, 1.5025],
  limits: { min: 14.503, max: 14.663 },
  target: 14.583,
  graduation: 0.02,
  finishingInfeed: 0.02,
  proof: 'dial',
  nut: 14.807,
  spreads: NONE,
};
const with_ = (change: Partial<FairCase>, spreads: Partial<FairCase['spreads']> = {}): FairCase => ({
  ...base,
  ...change,
  spreads: { ...NONE, ...spreads },
});
const options = { tries: 4000, seed: 7 };

/** By geometry: the blank less twice the depth, and where the flat of the tip leaves the groove half a pitch wide. */
test('without departures the try is the plan', () => {
  const depth = 1.5025 * Math.cos((29.5 * Math.PI) / 180);
  expect(oneTry(base, {})).toBeCloseTo(15.9 - 2 * depth + (1 - 0.25) * Math.sqrt(3), 9);
});

/** By geometry: twice the depth (at half a degree less the same feed goes deeper), 1.732 times the flat, the whole of the blank. */
test('what each source does to the pitch diameter by dial', () => {
  const right = oneTry(base, {}) ?? 0;
  const does = (off: Parameters<typeof oneTry>[1]) => (oneTry(base, off) ?? 0) - right;
  expect(does({ zero: 0.02 })).toBeCloseTo(0.04, 9);
  expect(does({ bending: 0.01 })).toBeCloseTo(0.02, 9);
  expect(does({ blank: 0.05 })).toBeCloseTo(0.05, 9);
  expect(does({ tip: -0.02 })).toBeCloseTo(Math.sqrt(3) * 0.02, 9);
  expect(does({ dial: 0.02 })).toBeCloseTo(-0.04 * Math.cos((29.5 * Math.PI) / 180), 9);
  const cos = (deg: number) => Math.cos((deg * Math.PI) / 180);
  expect(does({ angle: -0.5 })).toBeCloseTo(-2 * 1.5025 * (cos(29) - cos(29.5)), 9);
});

/** To half of the bite that this dial can set: 0.02 at 29.5 degrees is 0.0348 on the diameter. */
test('wires take out what the dial can not know: blank, zero and tip', () => {
  const wires = with_({ proof: 'wires' });
  for (const off of [{ zero: 0.03 }, { blank: 0.1 }, { tip: -0.03 }])
    expect(Math.abs((oneTry(wires, off) ?? 0) - 14.583)).toBeLessThan(0.0175);
});

/**
 * Whoever cuts to the wires stops where the reading says the target: the size is then off by the wire's error times its
 * slope, (1 + 1 / sin a) outside and (1 - 1 / sin a) over balls, to half of the bite that the dial can set.
 */
test.each([
  ['external', 30],
  ['internal', 30],
  ['external', 14.5],
  ['internal', 14.5],
] as const)('a wire that is off, %s, flanks of %d degrees', (side, flankAngleDeg) => {
  const outward = side === 'external' ? 1 : -1;
  const groove = {
    ...TRUE_GROOVE,
    tip: { kind: 'flat', flat: flankAngleDeg === 30 ? 0.25 : 0.7 },
    flankAngleDeg,
    compoundAngleDeg: flankAngleDeg - 0.5,
  } as const;
  // A dial fine enough to see it.
  const workDiameter = side === 'external' ? 15.9 : 13.9;
  const fine = with_({ proof: 'wires', side, groove, workDiameter, graduation: 0.0002 });
  const target = oneTry({ ...fine, proof: 'dial' }, {}) ?? 0;
  expect(target).toBeGreaterThan(13);
  const at = (off: Parameters<typeof oneTry>[1]) => (oneTry({ ...fine, target }, off) ?? 0) - target;
  const slope = 1 + outward / Math.sin((flankAngleDeg * Math.PI) / 180);
  expect(Math.abs(at({}))).toBeLessThan(0.0003);
  for (const wire of [0.01, -0.01]) expect(Math.abs(at({ wire }) + slope * wire)).toBeLessThan(0.0005);
  expect(Math.abs(at({ micrometer: 0.01 }) + 0.01)).toBeLessThan(0.0005);
});

test('a nut decides: the thread follows the nut, not the limits', () => {
  const nut = with_({ proof: 'nut' });
  const size = oneTry(nut, {}) ?? 0;
  expect(size).toBeLessThanOrEqual(14.807 - 0.01);
  expect(size).toBeGreaterThan(14.807 - 0.01 - 0.0349);
  // A nut that is 0.1 tighter leaves a thread 0.1 smaller, to one finishing bite of 0.035 on the diameter.
  expect(Math.abs((oneTry(nut, { nut: -0.1 }) ?? 0) - size + 0.1)).toBeLessThanOrEqual(0.0351);
});

/** Normal departures of the zero alone: the spread of the size is twice that of the depth, exactly (geometry). */
test('the spread is what it must be, and the same with the same seed', () => {
  const fair = with_({}, { zero: 0.01 });
  const result = fairness(fair, options);
  expect(result.standardDeviation).toBeCloseTo(0.02, 3);
  expect(result.ranking).toEqual([
    { id: 'zero', first: expect.closeTo(1, 2) as number, total: expect.closeTo(1, 2) as number },
  ]);
  expect(fairness(fair, options)).toEqual(result);
  expect(result.lands + result.tooLarge + result.tooSmall + result.none).toBeCloseTo(1, 12);
  expect(result.histogram.reduce((sum, { count }) => sum + count, 0)).toBe(result.tries);
});

/** Two independent sources add as squares: Sobol's shares are those of the variances, 4 to 1. */
test('the shares of two sources are those of their variances', () => {
  const { ranking } = fairness(with_({}, { zero: 0.01, dial: 0.01 / 2 / Math.cos((29.5 * Math.PI) / 180) }), {
    ...options,
    tries: 20_000,
  });
  expect(ranking.map(({ id }) => id)).toEqual(['zero', 'dial']);
  // 20,000 tries with this seed: shares are known to about a hundredth.
  expect(Math.abs((ranking[0]?.total ?? 0) - 0.8)).toBeLessThan(0.02);
  expect(Math.abs((ranking[1]?.total ?? 0) - 0.2)).toBeLessThan(0.02);
});

test('no source, no spread: all land, or none', () => {
  const all = fairness(with_({}), options);
  expect([all.lands, all.ranking]).toEqual([1, []]);
  expect(all.standardDeviation).toBeLessThan(1e-9);
  expect(fairness(with_({ limits: { min: 14, max: 14.1 } }), options).lands).toBe(0);
});

test('by a nut from a wide class fewer land than over wires', () => {
  const spreads = {
    blank: 0.05,
    zero: 0.02,
    tip: 0.02,
    dial: 0.005,
    wire: 0.001,
    micrometer: 0.005,
    nut: 0.106,
  };
  const by = (proof: FairCase['proof']) => fairness(with_({ proof }, spreads), options).lands;
  expect(by('wires')).toBeGreaterThan(by('dial'));
  expect(by('wires')).toBeGreaterThan(by('nut'));
  expect(sourcesOf(with_({ proof: 'nut' }, spreads))).toContain('nut');
  expect(sourcesOf(with_({ proof: 'dial' }, spreads))).not.toContain('wire');
});

test('progress runs up to the end', () => {
  const told: number[] = [];
  fairness(with_({}, { zero: 0.01 }), { ...options, progress: (share) => told.push(share) });
  expect(told.length).toBeGreaterThan(5);
  expect(told).toEqual(told.toSorted((a, b) => a - b));
  expect(told.at(-1)).toBeLessThanOrEqual(1);
});

/** Any table of the normal distribution: 0.975 at 1.959964, 0.999 at 3.090232. */
test('normal quantiles', () => {
  expect(normalQuantile(0.5)).toBeCloseTo(0, 9);
  expect(normalQuantile(0.975)).toBeCloseTo(1.959964, 5);
  expect(normalQuantile(0.001)).toBeCloseTo(-3.090232, 5);
});

test('random numbers are spread evenly and come again', () => {
  const [one, other] = [randomFrom(3), randomFrom(3)];
  const drawn = Array.from({ length: 5000 }, one);
  // 5,000 even draws: the mean is known to 1 / sqrt(12 x 5000), 0.004.
  expect(Math.abs(drawn.reduce((sum, each) => sum + each, 0) / 5000 - 0.5)).toBeLessThan(0.012);
  expect(Array.from({ length: 5000 }, other)).toEqual(drawn);
});
