import { ValidationError } from 'yup';
import { roundTo } from '../units';
import { derivePlan, EMPTY_PLAN_FORM, planSchema, readPlan, type PlanForm } from './index';

const clampScrew: PlanForm = { ...EMPTY_PLAN_FORM, title: 'Clamp screw', thread: '3/4-16 UNF-2A' };

function planOf(form: PlanForm) {
  const read = readPlan(form);
  if (read.plan === null)
    throw new Error(read.issues.map((issue) => `${issue.field}: ${issue.message}`).join('; '));
  return read.plan;
}

describe('a thread and a name alone make a whole plan', () => {
  const derived = derivePlan(planOf(clampScrew));

  test('blank and target lie in the middle of their limits', () => {
    expect(derived.plan.blankDiameter).toEqual({ value: 0.7438, unit: 'in' });
    expect(derived.plan.targetPitchDiameter).toEqual({ value: 0.7054, unit: 'in' });
  });

  /** Second route: depth by the closed form of the trade, feed by the cosine, wires by the handbook constant. */
  test('depth, feed and target over wires', () => {
    const depth = (0.7438 - 0.7054) / 2 + (1 / 32 - 0.0078) * (Math.sqrt(3) / 2);
    expect(derived.radialDepth).toBeCloseTo(depth, 7);
    expect(derived.compoundFeed).toBeCloseTo(depth / Math.cos((29.5 * Math.PI) / 180), 7);
    expect(derived.overWires.target).toBeCloseTo(0.7054 + 3 * 0.03608 - 0.8660254 / 16, 4);
    expect(derived.rootDiameter).toBeCloseTo(0.7438 - 2 * depth, 7);
  });

  test('the last pass lands in the band on a whole graduation', () => {
    const last = derived.passes.at(-1);
    expect(last?.kind).toBe('spring');
    expect(Number.isInteger(last?.readingGraduations)).toBe(true);
    expect(last?.pitchDiameter).toBeGreaterThanOrEqual(derived.limits.pitchDiameter.min);
    expect(last?.pitchDiameter).toBeLessThanOrEqual(derived.limits.pitchDiameter.max);
    expect(last?.dialReading).toEqual({
      value: roundTo((last?.readingGraduations ?? 0) * 0.001, 6),
      unit: 'in',
    });
  });

  test('early passes have no pitch diameter yet, later ones come down to the target', () => {
    expect(derived.passes[0]?.pitchDiameter).toBeNull();
    const sizes = derived.passes.flatMap((pass) => pass.pitchDiameter ?? []);
    expect(sizes.length).toBeGreaterThan(3);
    expect([...sizes].sort((a, b) => b - a)).toEqual(sizes);
  });

  test('what was worked out once is worked out the same from the stored document', () => {
    const stored = JSON.parse(JSON.stringify(derived.plan)) as typeof derived.plan;
    expect(derivePlan(stored)).toEqual(derived);
  });
});

test('a metric thread on an inch dial has inch readings', () => {
  const derived = derivePlan(planOf({ ...clampScrew, thread: 'M16', dialUnit: 'in' }));
  expect(derived.thread.unit).toBe('mm');
  expect(derived.passes[0]?.dialReading).toEqual({ value: 0.002, unit: 'in' });
  const last = derived.passes.at(-1);
  expect(((last?.dialReading.value ?? 0) * 25.4) / derived.compoundFeed).toBeCloseTo(1, 1);
});

test('a swivel scale with its zero along the bed asks for the complement', () => {
  expect(derivePlan(planOf({ ...clampScrew, swivelZero: 'bed' })).swivelMarkDeg).toBe(60.5);
});

test('what can be worked out is, while another field is still wrong', () => {
  const { evaluation, plan } = readPlan({ ...clampScrew, blankDiameter: 'abc' });
  expect(plan).toBeNull();
  expect(evaluation.limits?.pitchDiameter).toEqual({ min: 0.7029, max: 0.7079 });
  expect(evaluation.overWires?.target).toBeCloseTo(0.7595, 3);
  expect(evaluation.passes).toBeNull();
});

const wrong: [string, Partial<PlanForm>, string, string][] = [
  ['no name', { title: '' }, 'title', 'name'],
  ['unreadable designation', { thread: 'threequarter' }, 'thread', 'Type it like'],
  ['left hand', { thread: '3/4-16 UNF-2A-LH' }, 'thread', 'right-hand'],
  ['two starts', { thread: 'M20xPh5P2.5-6g' }, 'thread', 'single-start'],
  [
    'blank under the pitch diameter',
    { blankDiameter: '0.7' },
    'blankDiameter',
    'Turn it to 0.7391 to 0.7485',
  ],
  ['blank so large that crests meet', { blankDiameter: '0.79' }, 'blankDiameter', 'point'],
  ['blank with decimal comma', { blankDiameter: '0,748' }, 'blankDiameter', '0.748'],
  ['negative blank', { blankDiameter: '-1' }, 'blankDiameter', 'greater than 0'],
  ['tip wider than the groove', { tipFlat: '0.03' }, 'tipFlat', 'at most'],
  ['radius wider than the groove', { tipKind: 'radius', tipRadius: '0.02' }, 'tipRadius', 'at most'],
  ['unknown tip', { tipKind: 'ball' }, 'tipKind', 'Choose'],
  [
    'insert for finer pitches',
    { tipKind: 'insert', insertFrom: '0.04', insertTo: '0.05' },
    'insertTo',
    'another insert',
  ],
  [
    'insert for coarser pitches',
    { tipKind: 'insert', insertFrom: '0.07', insertTo: '0.1' },
    'insertFrom',
    '0.0625',
  ],
  [
    'insert range turned round',
    { tipKind: 'insert', insertFrom: '0.07', insertTo: '0.05' },
    'insertFrom',
    'finest',
  ],
  ['insert with too large a radius', { tipKind: 'insert', tipRadius: '0.02' }, 'tipRadius', 'Take an insert'],
  [
    'bore that leaves no thread',
    { thread: '3/4-16 UNF-2B', blankDiameter: '0.71' },
    'blankDiameter',
    'Bore it to',
  ],
  [
    'bore so small that crests meet',
    { thread: '3/4-16 UNF-2B', blankDiameter: '0.65' },
    'blankDiameter',
    'Under',
  ],
  ['ball too large', { thread: '3/4-16 UNF-2B', wireDiameter: '0.08' }, 'wireDiameter', 'Balls of'],
  ['angle over 45', { compoundAngle: '60' }, 'compoundAngle', '0 to 45'],
  ['angle under 0', { compoundAngle: '-1' }, 'compoundAngle', '0 to 45'],
  ['unknown swivel zero', { swivelZero: 'north' }, 'swivelZero', 'Choose'],
  ['target over the band', { targetPitchDiameter: '0.7080' }, 'targetPitchDiameter', '0.7029 to 0.7079'],
  ['target under the band', { targetPitchDiameter: '0.7028' }, 'targetPitchDiameter', '0.7029 to 0.7079'],
  ['wire too thin', { wireDiameter: '0.025' }, 'wireDiameter', 'Best is 0.0361'],
  ['wire too thick', { wireDiameter: '0.08' }, 'wireDiameter', 'ride'],
  ['a turn of the dial that is no whole number', { dialPerTurn: '0.0995' }, 'dialPerTurn', 'whole number'],
  ['infeed between graduations', { scratchInfeed: '0.0025' }, 'scratchInfeed', '0.002 in or 0.003 in'],
  ['too few passes for the depth', { roughingPasses: '2' }, 'roughingPasses', 'Take '],
  ['more passes than graduations', { roughingPasses: '55' }, 'roughingPasses', 'fewer'],
  [
    'finishing deeper than the whole',
    { finishingPasses: '10', finishingInfeed: '0.008' },
    'finishingPasses',
    'Take less',
  ],
  ['finishing over the largest', { finishingInfeed: '0.02' }, 'finishingInfeed', 'deeper'],
  ['scratch over the largest', { scratchInfeed: '0.02' }, 'scratchInfeed', 'deeper'],
  ['half a spring pass', { springPasses: '1.5' }, 'springPasses', 'whole number'],
  ['no speed', { spindleSpeed: '' }, 'spindleSpeed', '5 to 2000'],
  ['marks over 100', { markResult: '50' }, 'markResult', '40 for the result would do'],
];

test.each(wrong)('%s is refused at its field', (_, change, field, says) => {
  const { issues, plan } = readPlan({ ...clampScrew, ...change });
  expect(plan).toBeNull();
  expect(issues.map((issue) => issue.field)).toContain(field);
  expect(issues.find((issue) => issue.field === field)?.message).toContain(says);
});

test('the limits of the band itself are good targets', () => {
  expect(readPlan({ ...clampScrew, targetPitchDiameter: '0.7029' }).issues).toEqual([]);
  expect(readPlan({ ...clampScrew, targetPitchDiameter: '0.7079' }).issues).toEqual([]);
});

test('fractions and pasted units are understood and said so', () => {
  const read = readPlan({ ...clampScrew, blankDiameter: '18.9 mm', runOutWidth: '3/16' });
  expect(read.issues).toEqual([]);
  expect(read.notes.blankDiameter).toBe('18.9 mm is read as 0.7441 in.');
  expect(read.notes.runOutWidth).toBe('3/16 is read as 0.1875 in.');
});

test('warnings do not stop a plan', () => {
  const warned = readPlan({
    ...clampScrew,
    blankDiameter: '0.7500',
    compoundAngle: '31',
    spindleSpeed: '600',
  });
  expect(warned.plan).not.toBeNull();
  expect(warned.evaluation.warnings.map((warning) => warning.field)).toEqual([
    'blankDiameter',
    'compoundAngle',
    'spindleSpeed',
  ]);
});

test('the schema says the same as the reader, field by field', () => {
  expect(planSchema.isValidSync(clampScrew)).toBe(true);
  try {
    planSchema.validateSync(
      { ...clampScrew, blankDiameter: 'x', compoundAngle: '99' },
      { abortEarly: false },
    );
    throw new Error('should have been refused');
  } catch (error) {
    expect(ValidationError.isError(error) && error.inner.map((inner) => inner.path)).toEqual([
      'blankDiameter',
      'compoundAngle',
    ]);
  }
});

test('the schema refuses what is not text', () => {
  expect(planSchema.isValidSync({ ...clampScrew, blankDiameter: { value: 1 } })).toBe(false);
  expect(planSchema.isValidSync({ ...clampScrew, title: undefined })).toBe(false);
});

describe('an internal thread', () => {
  const derived = derivePlan(planOf({ ...clampScrew, thread: '3/4-16 UNF-2B' }));

  /** Second route: the trade's internal case, outward from the bore. */
  test('depth goes outward from the bore to the target', () => {
    expect(derived.plan.blankDiameter.value).toBeCloseTo(0.689, 4);
    const depth = (derived.target - 0.689) / 2 + (1 / 32 - 0.0078) * (Math.sqrt(3) / 2);
    expect(derived.radialDepth).toBeCloseTo(depth, 7);
    expect(derived.rootDiameter).toBeCloseTo(0.689 + 2 * depth, 7);
  });

  test('passes grow the pitch diameter and end in the band', () => {
    const sizes = derived.passes.flatMap((pass) => pass.pitchDiameter ?? []);
    expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
    const { min, max } = derived.limits.pitchDiameter;
    expect(sizes.at(-1)).toBeGreaterThanOrEqual(min);
    expect(sizes.at(-1)).toBeLessThanOrEqual(max);
  });

  test('a bore outside of the minor limits is warned of, not refused', () => {
    const warnings = (blankDiameter: string) =>
      readPlan({ ...clampScrew, thread: '3/4-16 UNF-2B', blankDiameter }).evaluation.warnings.map(
        ({ message }) => message,
      );
    expect(warnings('0.700').join()).toContain('Over the minor limit 0.6960: the part will be marked down');
    expect(warnings('0.680').join()).toContain('the screw may bind');
    expect(warnings('0.690')).toEqual([]);
  });
});

describe('other forms', () => {
  test.each([
    ['3/4-6 Acme-2G', 14, 14.5],
    ['Tr30x6-7e', 14.5, 15],
    ['7/8-9 BSW medium bolt', 27, 27.5],
    ['G 3/4 A', 27, 27.5],
  ])('%s is planned with the compound at %d', (thread, angle, most) => {
    const derived = derivePlan(planOf({ ...clampScrew, thread }));
    expect(derived.plan.compoundAngleDeg).toBe(angle);
    expect(derived.passes.at(-1)?.pitchDiameter).toBeLessThanOrEqual(derived.limits.pitchDiameter.max);
    expect(derived.rootDiameter).toBeLessThanOrEqual(derived.limits.minor.max ?? 0);
    const over = readPlan({ ...clampScrew, thread, compoundAngle: String(most + 1) });
    expect(over.evaluation.warnings.map(({ field }) => field)).toContain('compoundAngle');
  });
});

test('a tip well under the usual truncation is warned of', () => {
  const { evaluation, plan } = readPlan({ ...clampScrew, tipFlat: '0.004' });
  expect(plan).not.toBeNull();
  expect(evaluation.warnings).toEqual([
    { field: 'tipFlat', message: expect.stringContaining('Sharper than the usual 0.125 P') as string },
  ]);
  expect(readPlan({ ...clampScrew, tipKind: 'sharp' }).evaluation.warnings).toEqual([]);
});

test('an insert cuts as its radius does, and stays an insert in the plan', () => {
  const insert = derivePlan(
    planOf({ ...clampScrew, tipKind: 'insert', tipRadius: '0.005', insertFrom: '0.04', insertTo: '0.0625' }),
  );
  const radius = derivePlan(planOf({ ...clampScrew, tipKind: 'radius', tipRadius: '0.005' }));
  expect(insert.radialDepth).toBe(radius.radialDepth);
  expect(insert.plan.tip).toMatchObject({ kind: 'insert', pitchTo: { value: 0.0625, unit: 'in' } });
});

test('a form from before a field was added is still a form; any other field must be there', () => {
  const { insertFrom, insertTo, ...older } = clampScrew;
  expect([insertFrom, insertTo]).toEqual(['', '']);
  expect(planSchema.validateSync(older)).toEqual(clampScrew);
  const { title, ...untitled } = clampScrew;
  expect(title).toBe('Clamp screw');
  expect(() => planSchema.validateSync(untitled)).toThrow('Give the exercise a name');
});
