import { derivePlan, EMPTY_PLAN_FORM, readPlan, type PlanForm } from './index';

const read = (form: Partial<PlanForm>) => readPlan({ ...EMPTY_PLAN_FORM, title: 'Piece', ...form });

/** Counts and figures of a plan that must be good. */
function scheduleOf(form: Partial<PlanForm>) {
  const { plan, evaluation, issues } = read(form);
  if (plan === null || evaluation.passes === null) throw new Error(issues[0]?.message);
  const chips = evaluation.passes.filter(({ kind }) => kind === 'rough').map(({ chipArea }) => chipArea);
  return {
    largestInfeed: plan.largestInfeed.value,
    roughing: plan.roughingPasses,
    largestChip: Math.max(...chips),
    meanChip: chips.reduce((sum, chip) => sum + chip, 0) / chips.length,
    passes: evaluation.passes,
  };
}

/** Common practice: the limit of a pass is its chip; 0.010 in is the customary infeed of the usual flat tip. */
describe('the largest infeed that is proposed', () => {
  const flat = scheduleOf({ thread: '7/8-9 UNC-2A' });
  const sharp = scheduleOf({ thread: '7/8-9 UNC-2A', tipKind: 'sharp' });

  test('is the customary one for the usual flat', () => {
    expect(flat.largestInfeed).toBe(0.01);
    expect(scheduleOf({ thread: '3/4-16 UNF-2A', blankDiameter: '0.7440' }).largestInfeed).toBe(0.01);
    expect(scheduleOf({ thread: 'M16x2-6g' }).largestInfeed).toBe(0.26);
    expect(scheduleOf({ thread: 'M16x2-6H' }).largestInfeed).toBe(0.26);
  });

  test('is more for a sharp tip, whose passes then take the same chip', () => {
    expect(sharp.largestInfeed).toBeGreaterThan(0.012);
    expect(sharp.roughing).toBe(flat.roughing);
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
    const own = read({ thread: '7/8-9 UNC-2A', tipKind: 'sharp', largestInfeed: '0.010' });
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
  const { issues, plan } = read({ thread, tipKind });
  expect(issues).toEqual([]);
  expect(plan).not.toBeNull();
});

describe('proposals follow the dial in hand', () => {
  test.each([
    ['0.05', 0.05, 0.25, 0.05],
    ['0.02', 0.04, 0.26, 0.02],
    ['0.01', 0.04, 0.26, 0.02],
    ['0.025', 0.05, 0.25, 0.025],
  ])('marked every %s mm', (dialGraduation, scratch, largest, finishing) => {
    const { plan, issues } = read({ thread: 'M16x2-6g', dialGraduation });
    expect(issues).toEqual([]);
    expect([plan?.scratchInfeed.value, plan?.largestInfeed.value, plan?.finishingInfeed.value]).toEqual([
      scratch,
      largest,
      finishing,
    ]);
  });

  test.each([
    ['3/4-16 UNF-2A', 'in', '0.02 mm'],
    ['3/4-16 UNF-2A', 'in', '0.05 mm'],
    ['M16x2-6g', 'mm', '0.001 in'],
    ['M16x2-6g', 'in', '1/1024'],
  ])('for %s on a dial in %s, marked every %s', (thread, dialUnit, dialGraduation) => {
    const { plan, issues } = read({ thread, dialUnit, dialGraduation });
    expect(issues).toEqual([]);
    if (plan === null) throw new Error('no plan');
    expect(() => derivePlan(plan)).not.toThrow();
  });

  test('a length that a message proposes is taken', () => {
    const dial = { thread: '3/4-16 UNF-2A', dialUnit: 'in', dialGraduation: '0.02 mm' };
    const [issue] = read({ ...dial, scratchInfeed: '0.002' }).issues;
    expect(issue?.message).toBe('The dial is marked every 0.000787 in: type 0.001575 in or 0.002362 in.');
    for (const scratchInfeed of ['0.001575', '0.002362'])
      expect(read({ ...dial, scratchInfeed }).issues).toEqual([]);
  });

  test('what is typed between two marks is still refused', () => {
    const { issues } = read({ thread: 'M16x2-6g', dialGraduation: '0.05', finishingInfeed: '0.02' });
    expect(issues).toMatchObject([{ field: 'finishingInfeed', code: 'conflict' }]);
  });
});
