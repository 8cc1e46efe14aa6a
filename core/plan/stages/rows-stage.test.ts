import { usualLathe } from '../../lathe';
import { formWith, type Leaves } from '../../test/record';
import { readPlan } from '../index';

const read = (leaves: Leaves) => {
  const form = formWith(leaves);
  const unit = /^(M|Tr|G)/.test(form.thread.designation) ? 'mm' : 'in';
  return readPlan(form, usualLathe(unit));
};

/** Counts and figures of a plan that must be good. */
function scheduleOf(form: Leaves) {
  const { plan, evaluation, issues } = read(form);
  if (plan === null || evaluation.passes === null) throw new Error(issues[0]?.message);
  const chips = evaluation.passes.filter(({ kind }) => kind === 'rough').map(({ chipArea }) => chipArea);
  return {
    largestInfeed: plan.schedule.asked.largestInfeed.value,
    roughing: plan.schedule.asked.roughing,
    largestChip: Math.max(...chips),
    meanChip: chips.reduce((sum, chip) => sum + chip, 0) / chips.length,
    passes: evaluation.passes,
  };
}

/** Common practice: the limit of a pass is its chip; 0.010 in is the customary infeed of the usual flat tip. */
describe('the largest infeed that is proposed', () => {
  const flat = scheduleOf({ 'thread.designation': '7/8-9 UNC-2A' });
  const sharp = scheduleOf({ 'thread.designation': '7/8-9 UNC-2A', 'tool.tip.kind': 'sharp' });

  test('is the customary one for the usual flat', () => {
    expect(flat.largestInfeed).toBe(0.01);
    expect(
      scheduleOf({ 'thread.designation': '3/4-16 UNF-2A', 'work.diameter': '0.7440' }).largestInfeed,
    ).toBe(0.01);
    expect(scheduleOf({ 'thread.designation': 'M16x2-6g' }).largestInfeed).toBe(0.26);
    expect(scheduleOf({ 'thread.designation': 'M16x2-6H' }).largestInfeed).toBe(0.26);
  });

  test('is more for a sharp tip, whose passes then take the same chip', () => {
    expect(sharp.largestInfeed).toBeGreaterThan(0.012);
    expect(Math.abs(sharp.roughing - flat.roughing)).toBeLessThanOrEqual(1);
    expect(sharp.meanChip / flat.meanChip).toBeGreaterThan(0.9);
    expect(sharp.meanChip / flat.meanChip).toBeLessThan(1.1);
  });

  test('is kept to by every pass', () => {
    for (const { passes, largestInfeed } of [flat, sharp]) {
      const infeeds = passes.map(
        (pass, index) => pass.dialReading.value - (passes[index - 1]?.dialReading.value ?? 0),
      );
      expect(Math.max(...infeeds)).toBeLessThanOrEqual(largestInfeed + 1e-9);
    }
  });

  test('gives way to what the instructor types', () => {
    const own = read({
      'thread.designation': '7/8-9 UNC-2A',
      'tool.tip.kind': 'sharp',
      'schedule.largest': '0.010',
    });
    expect(own.evaluation.largestInfeed).toEqual({ value: 0.01, unit: 'in' });
    expect(own.inputs.largestInfeed).toEqual({ value: 0.01, unit: 'in' });
  });
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
