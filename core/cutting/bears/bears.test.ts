import { cutCaseOf } from '../cut/cut-feeds';
import { workMaterial } from '../force/work-material';
import { TRUE_GROOVE } from '@/core/test/groove';
import { brokenBy, passLoads, type LoadCase } from './pass-loads';
import { fewestPasses, isReached, REACH_SCHOOLS, type ReachOrder } from './fewest-passes';
import { passTime } from './pass-time';
import { proposedLimits } from './limits';

const NO_LIMITS = { infeed: null, area: null, thin: null, tip: null, torque: null, bend: null };
const base: LoadCase = {
  groove: TRUE_GROOVE,
  cut: cutCaseOf(TRUE_GROOVE, { side: 'external', workDiameter: 15.9 }),
  material: workMaterial('mild steel'),
  rpm: 70,
  compliance: 5e-5,
  limits: NO_LIMITS,
};
const order: ReachOrder = {
  totalFeed: 1.46,
  scratch: 0.04,
  finishing: 2,
  finishingInfeed: 0.02,
  spring: 2,
  graduation: 0.02,
};
const limited = (limits: Partial<LoadCase['limits']>): LoadCase => ({
  ...base,
  limits: { ...NO_LIMITS, ...limits },
});

test('loads of a pass: area, force, torque and what the part gives go together', () => {
  const [first, second] = passLoads(base, [
    { reading: 0.5, start: 0 },
    { reading: 0.7, start: 0 },
  ]);
  expect(second?.infeed).toBeCloseTo(0.2, 12);
  expect(second?.torque).toBeCloseTo(((second?.force?.cutting ?? 0) * 15.9) / 2000, 9);
  expect(second?.power).toBeCloseTo((2 * Math.PI * 70 * (second?.torque ?? 0)) / 60, 9);
  expect(second?.bend).toBeCloseTo((second?.force?.radial ?? 0) * 5e-5, 12);
  expect(first?.uses).toEqual({ infeed: null, area: null, thin: null, tip: null, torque: null, bend: null });
  expect(first?.binds).toBeNull();
});

test('a pass names the limit that it uses up most, and those that it breaks', () => {
  const loads = passLoads(limited({ infeed: 0.2, area: 1 }), [
    { reading: 0.19, start: 0 },
    { reading: 0.5, start: 0 },
  ]);
  expect(loads.map(({ binds }) => binds)).toEqual(['infeed', 'infeed']);
  expect(loads.map(brokenBy)).toEqual([[], ['infeed']]);
});

test('without a material no force is figured, and no limit of force binds', () => {
  const [load] = passLoads({ ...base, material: null, limits: { ...NO_LIMITS, torque: 1, bend: 0.001 } }, [
    { reading: 0.5, start: 0 },
  ]);
  expect([load?.force, load?.torque, load?.bend, load?.uses.torque]).toEqual([null, null, null, null]);
});

describe.each(REACH_SCHOOLS)('fewest passes: %s', (school) => {
  test.each([
    ['infeed', { infeed: 0.2 }],
    ['area', { area: 0.12 }],
    ['torque', { torque: 4 }],
    ['tip', { tip: 0.15 }],
    ['bend', { bend: 0.006 }],
  ] as const)('keeps to a limit of %s, ends at the target, on whole graduations', (_, limits) => {
    const answer = fewestPasses(school, order, limited(limits));
    if (!isReached(answer)) throw new Error(`not reached at ${answer.at}: ${answer.by.join(', ')}`);
    expect(answer.loads.flatMap(brokenBy)).toEqual([]);
    const feeding = answer.rows.filter(({ kind }) => kind !== 'spring');
    expect(feeding.at(-1)?.reading).toBeCloseTo(1.46, 10);
    for (const { reading } of answer.rows) expect(reading / 0.02).toBeCloseTo(Math.round(reading / 0.02), 8);
  });

  test('says where even a graduation is too much', () => {
    const answer = fewestPasses(school, order, limited({ torque: 0.05 }));
    expect(isReached(answer)).toBe(false);
    if (!isReached(answer)) expect(answer.by).toContain('torque');
  });
});

test.each(REACH_SCHOOLS)('finishing cuts that are too much are said: %s', (school) => {
  const answer = fewestPasses(
    school,
    { ...order, finishing: 1, finishingInfeed: 0.3 },
    limited({ infeed: 0.2 }),
  );
  expect(isReached(answer) ? null : answer.by).toEqual(['infeed']);
});

test('taking as much as the limits bear is the fewest, and one graduation more would break what it names', () => {
  const loadCase = limited({ area: 0.12, tip: 0.16, torque: 5 });
  const counts = REACH_SCHOOLS.map((school) => {
    const answer = fewestPasses(school, order, loadCase);
    return isReached(answer) ? answer.rows.length : Infinity;
  });
  expect(Math.min(...counts)).toBe(counts[0]);
  const answer = fewestPasses('bears', order, loadCase);
  if (!isReached(answer)) throw new Error('it is reached');
  answer.rows.forEach(({ kind, reading }, index) => {
    const bound = answer.bound[index];
    if (kind !== 'rough' || bound == null) return;
    const feeds = [...answer.rows.slice(0, index).map((row) => row.reading), reading + 0.02].map((at) => ({
      reading: at,
      start: 0,
    }));
    const last = passLoads(loadCase, feeds).at(-1);
    expect(last === undefined ? [] : brokenBy(last)).toContain(bound);
  });
});

test('limits that are proposed grow with the tip, and carbide must be kept buried', () => {
  // First bites in use (common practice): 0.010 in at 29.5 degrees with a flat of P/8 on 16 TPI, 0.007 with a keen point.
  const deep = (inches: number) => inches * 25.4 * Math.cos((29.5 * Math.PI) / 180);
  expect(proposedLimits(false, 0.0078 * 25.4).tip).toBeGreaterThan(deep(0.01));
  expect(proposedLimits(false, 0).tip).toBeGreaterThan(deep(0.007));
  expect(proposedLimits(true, 0).tip).toBeLessThan(proposedLimits(false, 0).tip);
  expect(proposedLimits(true, 0.1).thin).toBeGreaterThan(proposedLimits(false, 0.1).thin);
});

/** By hand: 30 mm at a lead of 2 with three turns before are 18 turns; at 60 rpm 18 s. */
test('time of a pass', () => {
  const byDial = passTime({ lead: 2, threadLength: 30, rpm: 60, drive: 'half-nut', waitSeconds: 4 });
  expect(byDial.cut).toBeCloseTo(18, 12);
  expect(byDial.wait).toBe(2);
  expect(byDial.whole).toBeCloseTo(byDial.cut + byDial.back + byDial.set + 2, 12);
  const reversing = passTime({ lead: 2, threadLength: 30, rpm: 60, drive: 'reversing', waitSeconds: 4 });
  // Back at the speed of the cut, and twice two seconds to stop and turn about.
  expect(reversing.back).toBeCloseTo(22, 12);
  expect(reversing.wait).toBe(0);
});
