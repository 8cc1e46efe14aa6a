import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { formWith, type Leaves } from '@/core/test/record';
import { readPlan } from '../read/read-plan';

const read = (leaves: Leaves) => {
  const form = formWith(leaves);
  const unit = /^(M|Tr|G)/.test(form.thread.designation) ? 'mm' : 'in';
  return readPlan(form, usualLathe(unit));
};

/** Counts and figures of a plan that must be good. */
function scheduleOf(form: Leaves) {
  const { plan, evaluation, issues } = read(form);
  if (plan === null || evaluation.passes === null) throw new Error(issues[0]?.message);
  return {
    largestInfeed: plan.schedule.asked.largestInfeed.value,
    passes: evaluation.passes,
  };
}

/** Common practice (first bites in use: 0.003 to 0.010 in on the compound, 0.005 with a bar, 0.001 plunged on 32 TPI). */
describe('the largest infeed that is proposed', () => {
  const largest = (leaves: Leaves) => scheduleOf(leaves).largestInfeed;

  test.each([
    ['3/4-16 UNF-2A', 0.01],
    ['7/8-9 UNC-2A', 0.01],
    ['#10-32 UNF-2A', 0.005],
    ['M16x2-6g', 0.26],
    ['M30x2-6H', 0.12],
  ])('follows the pitch, %s: %d', (designation, infeed) => {
    expect(largest({ 'thread.designation': designation })).toBeCloseTo(infeed, 9);
  });

  test('is never more for a keen point, a plunge, a bar or a tough material', () => {
    const usual = largest({ 'thread.designation': '7/8-9 UNC-2A' });
    for (const change of [
      { 'tool.tip.kind': 'sharp' },
      { 'infeed.way': 'plunge' },
      { 'work.material': 'stainless' },
      { 'holding.kind': 'chuck', 'holding.stickOut': '5' },
    ] as Leaves[])
      expect(largest({ 'thread.designation': '7/8-9 UNC-2A', ...change })).toBeLessThan(usual);
    expect(largest({ 'thread.designation': '1/4-32 UNEF-2A', 'infeed.way': 'plunge' })).toBe(0.002);
  });

  test('is kept to by every pass', () => {
    const { passes, largestInfeed } = scheduleOf({ 'thread.designation': '7/8-9 UNC-2A' });
    const infeeds = passes.map(
      (pass, index) => pass.dialReading.value - (passes[index - 1]?.dialReading.value ?? 0),
    );
    expect(Math.max(...infeeds)).toBeLessThanOrEqual(largestInfeed + 1e-9);
  });

  test('gives way to what the instructor types', () => {
    const own = read({
      'thread.designation': '7/8-9 UNC-2A',
      'tool.tip.kind': 'sharp',
      'schedule.largest': '0.014',
    });
    expect(own.evaluation.asked?.largest).toEqual({ value: 0.014, unit: 'in' });
    expect(own.inputs.schedule?.largest).toEqual({ value: 0.014, unit: 'in' });
  });
});

test('a keen point or a coarse thread would want too many passes of one chip: steps are proposed', () => {
  const sharp = read({ 'thread.designation': '3/4-16 UNF-2A', 'tool.tip.kind': 'sharp' });
  expect(sharp.evaluation.school).toBe('two-thirds');
  expect(sharp.plan?.schedule.asked.largestInfeed.value).toBe(0.003);
  expect(read({ 'thread.designation': '1 1/2-6 UNC-2A' }).evaluation.school).toBe('two-thirds');
  expect(read({ 'thread.designation': '3/4-16 UNF-2A' }).evaluation.school).toBe('constant-area');
});

test('an insert takes no scratch of a thousandth and no dry passes unless it is asked to', () => {
  const insert = { 'thread.designation': 'M16x2-6g', 'tool.tip.kind': 'insert' };
  const kinds = (leaves: Leaves) => new Set(scheduleOf(leaves).passes.map(({ kind }) => kind));
  expect(kinds(insert)).toEqual(new Set(['rough', 'finish']));
  expect(kinds({ ...insert, 'schedule.spring': '1', 'schedule.scratch': '0.05' })).toContain('spring');
});

test.each([
  ['3/8-24 UNF-3A', 'sharp'],
  ['1 1/2-6 UNC-2A', 'sharp'],
  ['M30x3.5-6g', 'sharp'],
  ['M30x2-6H', 'sharp'],
  ['M64x6-6g', 'radius'],
  ['3/4-6 Acme-2G', 'sharp'],
  ['2-4 Acme-2G', 'radius'],
  ['Tr40x7-7e', 'insert'],
  ['7/8-9 BSW', 'sharp'],
  ['G 1 1/2 A', 'insert'],
])('%s with a tip that is %s makes a whole plan at its proposals', (thread, tipKind) => {
  const { issues, plan } = read({ 'thread.designation': thread, 'tool.tip.kind': tipKind });
  expect(issues).toEqual([]);
  expect(plan).not.toBeNull();
});

describe('an infeed in the other unit', () => {
  test('is taken, and each dial rounds the readings that follow', () => {
    const { plan, issues } = read({
      'thread.designation': '3/4-16 UNF-2A',
      'schedule.finishingInfeed': '0.02 mm',
    });
    expect(issues).toEqual([]);
    expect(plan?.schedule.asked.finishingInfeed.value).toBeCloseTo(0.02 / 25.4, 9);
  });
  test('a dial that is too coarse for the rows says so, and refuses nothing', () => {
    const metric = usualLathe('mm');
    const coarse = {
      ...metric,
      compound: {
        ...metric.compound,
        dial: { ...metric.compound.dial, graduation: { value: 0.2, unit: 'mm' as const } },
      },
    };
    const { plan, warnings } = readPlan(formWith({ 'thread.designation': 'M16x2-6g' }), coarse);
    expect(plan).not.toBeNull();
    expect(warnings.map(({ message }) => message).join()).toContain('can not tell');
  });
});
