import { ValidationError } from 'yup';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { formWith, planFor, sheetOf } from '@/core/test/record';
import { roundTo } from '@/core/base/units/round';
import { EMPTY_EVIDENCE, formFrom } from './draft';
import { planSchema } from './plan-schema';
import { readPlan } from './read/read-plan';
import { readStoredPlan, storedPlanSchema } from './plan';

describe('a thread and a name alone make a whole plan', () => {
  const plan = planFor();
  const sheet = sheetOf();

  test('blank and target lie in the middle of their limits', () => {
    expect(plan.work.diameter).toEqual({ value: 0.7438, unit: 'in' });
    expect(plan.proof.targetPitchDiameter).toEqual({ value: 0.7054, unit: 'in' });
  });

  /** Second route: depth by the closed form of the trade, feed by the cosine, wires by the handbook constant. */
  test('depth, feed and target over wires', () => {
    const depth = (0.7438 - 0.7054) / 2 + (1 / 32 - 0.0078) * (Math.sqrt(3) / 2);
    expect(sheet.radialDepth).toBeCloseTo(depth, 7);
    expect(sheet.compoundFeed).toBeCloseTo(depth / Math.cos((29.5 * Math.PI) / 180), 7);
    expect(sheet.wires.overWires.target).toBeCloseTo(0.7054 + 3 * 0.03608 - 0.8660254 / 16, 4);
    expect(sheet.rootDiameter).toBeCloseTo(0.7438 - 2 * depth, 7);
  });

  test('the last pass lands in the band on a whole graduation', () => {
    const last = sheet.passes.at(-1);
    expect(last?.kind).toBe('spring');
    const graduations = (last?.dialReading.value ?? 0) / 0.001;
    expect(graduations).toBeCloseTo(Math.round(graduations), 6);
    expect(last?.pitchDiameter).toBeGreaterThanOrEqual(sheet.limits.pitchDiameter.min);
    expect(last?.pitchDiameter).toBeLessThanOrEqual(sheet.limits.pitchDiameter.max);
    expect(last?.dialReading).toEqual({ value: roundTo(Math.round(graduations) * 0.001, 6), unit: 'in' });
  });

  test('early passes have no pitch diameter yet, later ones come down to the target', () => {
    expect(sheet.passes[0]?.pitchDiameter).toBeNull();
    const sizes = sheet.passes.flatMap((pass) => pass.pitchDiameter ?? []);
    expect(sizes.length).toBeGreaterThan(3);
    expect([...sizes].sort((a, b) => b - a)).toEqual(sizes);
  });

  test('the stored document is read as it was written, and makes the same sheet', () => {
    expect(readStoredPlan(JSON.parse(JSON.stringify(plan)))).toEqual(plan);
    expect(sheetOf()).toEqual(sheet);
  });

  test('its rows are exact and know no dial', () => {
    const cuts = plan.schedule.rows.filter(({ kind }) => kind !== 'spring');
    expect(cuts.at(-1)?.reading?.value).toBeCloseTo(sheet.compoundFeed, 8);
    expect(storedPlanSchema.isValidSync({ ...plan, lathe: 'Lathe 1' }, { strict: true })).toBe(false);
  });
});

test('a metric thread on an inch dial has inch readings', () => {
  const sheet = sheetOf({ 'thread.designation': 'M16' }, usualLathe('in'));
  expect(sheet.thread.unit).toBe('mm');
  expect(sheet.passes[0]?.dialReading).toEqual({ value: 0.002, unit: 'in' });
  const last = sheet.passes.at(-1);
  // On a whole graduation of 0.001 in, at most one past what lands in the band.
  expect(Math.abs((last?.dialReading.value ?? 0) * 25.4 - sheet.compoundFeed)).toBeLessThan(0.0254);
});

test('a swivel scale with its zero along the bed asks for the complement', () => {
  const lathe = usualLathe('in');
  const bed = {
    ...lathe,
    compound: { ...lathe.compound, swivel: { ...lathe.compound.swivel, zeroAlong: 'bed' as const } },
  };
  expect(sheetOf({}, bed).compound.markDeg).toBe(60.5);
  expect(readPlan(formWith({}), bed).evaluation.swivelGraduationDeg).toBe(60.5);
});

describe('an angle, or a reading of the scale named as such', () => {
  const inch = usualLathe('in');
  const bed = {
    ...inch,
    compound: { ...inch.compound, swivel: { ...inch.compound.swivel, zeroAlong: 'bed' as const } },
  };
  const read = (text: string, lathe = inch) => readPlan(formWith({ 'infeed.angle': text }), lathe);
  test('60 is refused, and says what it would be on the scale', () => {
    expect(read('60', bed).issues[0]?.message).toContain('type “scale 60”: that is 30° from the cross slide');
  });
  test('a reading of the scale is turned into the angle by the scale that is looked at, and the note shows both', () => {
    const marked = read('mark 60.5', bed);
    expect(marked.inputs.compoundAngleDeg).toBe(29.5);
    expect(marked.notes['infeed.angle']).toContain('is 29.5° from the cross slide');
    for (const word of ['scale', 'graduation', 'mark']) {
      expect(read(`30 ${word}`).inputs.compoundAngleDeg).toBe(30);
      expect(read(`${word} 60.5`, bed).inputs.compoundAngleDeg).toBe(29.5);
    }
  });
  test('the ruinous 30 on a scale that counts from the bed is refused there', () => {
    expect(read('mark 30', bed).issues[0]?.message).toContain(
      'is 60° from the cross slide: it would ruin the form',
    );
  });
});

test('what can be worked out is, while another field is still wrong', () => {
  const { evaluation, plan } = readPlan(formWith({ 'work.diameter': 'abc' }));
  expect(plan).toBeNull();
  expect(evaluation.limits?.pitchDiameter).toEqual({ min: 0.7029, max: 0.7079 });
  expect(evaluation.overWires?.target).toBeCloseTo(0.7595, 3);
  expect(evaluation.passes).toBeNull();
});

const wrong: [string, Record<string, string>, string, string][] = [
  ['no name', { title: '' }, 'title', 'name'],
  ['unreadable designation', { 'thread.designation': 'threequarter' }, 'thread.designation', 'Type it like'],
  [
    'blank under the pitch diameter',
    { 'work.diameter': '0.7' },
    'work.diameter',
    'Turn it to 0.7391 to 0.7485',
  ],
  ['blank so large that crests meet', { 'work.diameter': '0.79' }, 'work.diameter', 'point'],
  ['blank with decimal comma', { 'work.diameter': '0,748' }, 'work.diameter', '0.748'],
  ['negative blank', { 'work.diameter': '-1' }, 'work.diameter', 'greater than 0'],
  ['tip wider than the groove', { 'tool.tip.flat': '0.03' }, 'tool.tip.flat', 'at most'],
  [
    'radius wider than the groove',
    { 'tool.tip.kind': 'radius', 'tool.tip.radius': '0.02' },
    'tool.tip.radius',
    'at most',
  ],
  ['unknown tip', { 'tool.tip.kind': 'ball' }, 'tool.tip.kind', 'Choose'],
  [
    'insert for finer pitches',
    { 'tool.tip.kind': 'insert', 'tool.tip.pitchFrom': '0.04', 'tool.tip.pitchTo': '0.05' },
    'tool.tip.pitchTo',
    'another insert',
  ],
  [
    'insert for coarser pitches',
    { 'tool.tip.kind': 'insert', 'tool.tip.pitchFrom': '0.07', 'tool.tip.pitchTo': '0.1' },
    'tool.tip.pitchFrom',
    '0.0625',
  ],
  [
    'insert range turned round',
    { 'tool.tip.kind': 'insert', 'tool.tip.pitchFrom': '0.07', 'tool.tip.pitchTo': '0.05' },
    'tool.tip.pitchFrom',
    'finest',
  ],
  [
    'insert with too large a radius',
    { 'tool.tip.kind': 'insert', 'tool.tip.radius': '0.02' },
    'tool.tip.radius',
    'Take an insert',
  ],
  [
    'bore that leaves no thread',
    { 'thread.designation': '3/4-16 UNF-2B', 'work.diameter': '0.71' },
    'work.diameter',
    'Bore it to',
  ],
  [
    'bore so small that crests meet',
    { 'thread.designation': '3/4-16 UNF-2B', 'work.diameter': '0.65' },
    'work.diameter',
    'Under',
  ],
  [
    'ball too large',
    { 'thread.designation': '3/4-16 UNF-2B', 'proof.evidence.0.wire': '0.08' },
    'proof.evidence.0.wire',
    'Balls of',
  ],
  ['angle over 45', { 'infeed.angle': '60' }, 'infeed.angle', '0 to 45'],
  ['angle under 0', { 'infeed.angle': '-1' }, 'infeed.angle', '0 to 45'],
  ['target over the band', { 'proof.target': '0.7080' }, 'proof.target', '0.7029 to 0.7079'],
  ['target under the band', { 'proof.target': '0.7028' }, 'proof.target', '0.7029 to 0.7079'],
  ['wire too thin', { 'proof.evidence.0.wire': '0.025' }, 'proof.evidence.0.wire', 'Best is 0.0361'],
  ['wire too thick', { 'proof.evidence.0.wire': '0.08' }, 'proof.evidence.0.wire', 'ride'],
  ['too few passes for the depth', { 'schedule.roughing': '2' }, 'schedule.roughing', 'Take '],
  [
    'finishing deeper than the whole',
    { 'schedule.finishing': '10', 'schedule.finishingInfeed': '0.008' },
    'schedule.finishing',
    'Take less',
  ],
  [
    'finishing over the largest',
    { 'schedule.finishingInfeed': '0.02' },
    'schedule.finishingInfeed',
    'deeper',
  ],
  ['scratch over the largest', { 'schedule.scratch': '0.02' }, 'schedule.scratch', 'deeper'],
  ['half a spring pass', { 'schedule.spring': '1.5' }, 'schedule.spring', 'whole number'],
  ['marks over 100', { 'marking.result': '50' }, 'marking.result', '40 for the result would do'],
];

test.each(wrong)('%s is refused at its field', (_, change, field, says) => {
  const { issues, plan } = readPlan(formWith(change));
  expect(plan).toBeNull();
  expect(issues.map((issue) => issue.field)).toContain(field);
  expect(issues.find((issue) => issue.field === field)?.message).toContain(says);
});

test('the limits of the band itself are good targets', () => {
  expect(readPlan(formWith({ 'proof.target': '0.7029' })).issues).toEqual([]);
  expect(readPlan(formWith({ 'proof.target': '0.7079' })).issues).toEqual([]);
});

test('fractions and pasted units are understood and said so', () => {
  const read = readPlan(formWith({ 'work.diameter': '18.9 mm', 'work.end.width': '3/16' }));
  expect(read.issues).toEqual([]);
  expect(read.notes['work.diameter']).toBe('18.9 mm is read as 0.7441 in.');
  expect(read.notes['work.end.width']).toBe('3/16 is read as 0.1875 in.');
});

test('what lies between two graduations of the dial looked at is said, not refused', () => {
  const { plan, warnings } = readPlan(formWith({ 'schedule.scratch': '0.0025' }));
  expect(plan).not.toBeNull();
  expect(warnings).toMatchObject([{ field: 'schedule.scratch' }]);
  expect(warnings[0]?.message).toContain('marked every 0.001 in');
});

test('warnings do not stop a plan', () => {
  const warned = readPlan(
    formWith({ 'work.diameter': '0.7500', 'infeed.angle': '31', 'technique.speed': '600' }),
  );
  expect(warned.plan).not.toBeNull();
  expect(warned.warnings.map((warning) => warning.field)).toEqual([
    'work.diameter',
    'infeed.angle',
    'technique.speed',
  ]);
});

test('the schema says the same as the reader, field by field', () => {
  expect(planSchema.isValidSync(formWith({}))).toBe(true);
  try {
    planSchema.validateSync(formWith({ 'work.diameter': 'x', 'infeed.angle': '99' }), { abortEarly: false });
    throw new Error('should have been refused');
  } catch (error) {
    expect(ValidationError.isError(error) && error.inner.map((inner) => inner.path)).toEqual([
      'work.diameter',
      'infeed.angle',
    ]);
  }
});

test('the schema refuses what is not text', () => {
  const form = formWith({});
  expect(planSchema.isValidSync({ ...form, work: { ...form.work, diameter: 1 } })).toBe(false);
  expect(planSchema.isValidSync({ ...form, title: null })).toBe(false);
});

test('left-hand threads and several starts are planned: cut away from the headstock, a start after the other', () => {
  const left = planFor({ 'thread.designation': 'M20x1.5-6g-LH' });
  expect(left.thread).toMatchObject({ hand: 'left', starts: 1 });
  expect(left.technique.direction).toBe('away-from-headstock');
  const two = sheetOf({ 'thread.designation': 'M20xPh5P2.5-6g' }, usualLathe('mm'));
  const one = sheetOf({ 'thread.designation': 'M20x2.5-6g' }, usualLathe('mm'));
  expect(two.passes.map(({ start }) => start)).toEqual([
    ...one.passes.map(() => 1),
    ...one.passes.map(() => 2),
  ]);
  expect(two.passes.slice(0, one.passes.length).map(({ dialReading }) => dialReading)).toEqual(
    one.passes.map(({ dialReading }) => dialReading),
  );
  const both = { 'thread.designation': 'M20xPh5P2.5-6g', 'thread.startsOrder': 'depth-by-depth' };
  expect(
    sheetOf(both)
      .passes.slice(0, 4)
      .map(({ start }) => start),
  ).toEqual([1, 2, 1, 2]);
});

describe('an internal thread', () => {
  const sheet = sheetOf({ 'thread.designation': '3/4-16 UNF-2B' });

  /** Second route: the trade's internal case, outward from the bore. */
  test('depth goes outward from the bore to the target', () => {
    expect(sheet.workDiameter).toBeCloseTo(0.689, 4);
    const depth = (sheet.targetPitchDiameter - 0.689) / 2 + (1 / 32 - 0.0078) * (Math.sqrt(3) / 2);
    expect(sheet.radialDepth).toBeCloseTo(depth, 7);
    expect(sheet.rootDiameter).toBeCloseTo(0.689 + 2 * depth, 7);
  });

  test('passes grow the pitch diameter and end in the band', () => {
    const sizes = sheet.passes.flatMap((pass) => pass.pitchDiameter ?? []);
    expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
    const { min, max } = sheet.limits.pitchDiameter;
    expect(sizes.at(-1)).toBeGreaterThanOrEqual(min);
    expect(sizes.at(-1)).toBeLessThanOrEqual(max);
  });

  test('a bore outside of the minor limits is warned of, not refused', () => {
    const warningsAt = (blankDiameter: string) =>
      readPlan(
        formWith({ 'thread.designation': '3/4-16 UNF-2B', 'work.diameter': blankDiameter }),
      ).warnings.map(({ message }) => message);
    expect(warningsAt('0.700').join()).toContain(
      'Over the minor limit 0.6960: the thread overlaps its mate less than its class asks',
    );
    expect(warningsAt('0.680').join()).toContain('the screw may bind');
    expect(warningsAt('0.690')).toEqual([]);
  });
});

describe('other forms', () => {
  test.each([
    ['3/4-6 Acme-2G', 14, 14.5],
    ['Tr30x6-7e', 14.5, 15],
    ['7/8-9 BSW medium bolt', 27, 27.5],
    ['G 3/4 A', 27, 27.5],
  ])('%s is planned with the compound at %d', (thread, angle, most) => {
    const sheet = sheetOf({ 'thread.designation': thread });
    expect(sheet.compound.angleDeg).toBe(angle);
    expect(sheet.passes.at(-1)?.pitchDiameter).toBeLessThanOrEqual(sheet.limits.pitchDiameter.max);
    expect(sheet.rootDiameter).toBeLessThanOrEqual(sheet.limits.minor.max ?? 0);
    const over = readPlan(formWith({ 'thread.designation': thread, 'infeed.angle': String(most + 1) }));
    expect(over.warnings.map(({ field }) => field)).toContain('infeed.angle');
  });
});

test('a tip well under the usual truncation is warned of', () => {
  const { warnings, plan } = readPlan(formWith({ 'tool.tip.flat': '0.004' }));
  expect(plan).not.toBeNull();
  expect(warnings).toEqual([
    { field: 'tool.tip.flat', message: expect.stringContaining('Sharper than the usual 0.125 P') as string },
  ]);
  expect(readPlan(formWith({ 'tool.tip.kind': 'sharp' })).warnings).toEqual([]);
});

describe('an insert', () => {
  const insert = { 'tool.tip.kind': 'insert', 'tool.tip.radius': '0.005' };
  test('cuts as its radius does, and stays an insert in the plan', () => {
    const leaves = { ...insert, 'tool.tip.pitchFrom': '0.04', 'tool.tip.pitchTo': '0.0625' };
    const radius = sheetOf({ 'tool.tip.kind': 'radius', 'tool.tip.radius': '0.005' });
    expect(sheetOf(leaves).radialDepth).toBe(radius.radialDepth);
    expect(planFor(leaves).tool.tip).toMatchObject({
      kind: 'insert',
      pitchTo: { length: { value: 0.0625, unit: 'in' }, threadsPerInch: null },
    });
  });
  test.each([
    ['16 tpi', '', 16, 16],
    ['28-8 TPI', '', 28, 8],
    ['8 - 28 tpi', '', 28, 8],
    ['28 TPI', '8 TPI', 28, 8],
  ])('whose box says “%s” and “%s” is for %d to %d TPI', (from, to, finest, coarsest) => {
    const leaves = {
      ...insert,
      'tool.tip.pitchFrom': from,
      'tool.tip.pitchTo': to || (finest === coarsest ? from : ''),
    };
    const { tip } = planFor(leaves).tool;
    expect([tip.pitchFrom?.threadsPerInch, tip.pitchTo?.threadsPerInch]).toEqual([finest, coarsest]);
  });
  test('a bare 16 is asked about, not taken for inches', () => {
    const { issues } = readPlan(formWith({ ...insert, 'tool.tip.pitchFrom': '16' }));
    expect(issues).toMatchObject([{ field: 'tool.tip.pitchFrom' }]);
    expect(issues[0]?.message).toContain('type 16 TPI');
  });
});

test('a tip that was not measured leaves the sizes open, and the plan can be handed out', () => {
  const { plan, warnings } = readPlan(formWith({ 'tool.tip.kind': 'not-measured' }));
  expect(plan?.tool.tip).toMatchObject({ kind: 'not-measured', flat: null, radius: null });
  expect(warnings).toMatchObject([{ field: 'tool.tip.kind' }]);
  const sheet = sheetOf({ 'tool.tip.kind': 'not-measured' });
  expect(sheet.tip.known).toBe(false);
  expect(
    sheet.passes.every(({ pitchDiameter, overWires }) => pitchDiameter === null && overWires === null),
  ).toBe(true);
});

describe('stored documents', () => {
  test('a flat draft of version 1 is the same form as a tree', () => {
    const form = formFrom({
      title: 'Screw',
      thread: '3/4-16 UNF-2A',
      blankDiameter: '0,744',
      wireDiameter: '0.036',
      dialUnit: 'mm',
      scratchInfeed: '0.04',
    });
    expect(form.thread.designation).toBe('3/4-16 UNF-2A');
    expect(form.work.diameter).toBe('0,744');
    expect(form.proof.evidence).toEqual([{ ...EMPTY_EVIDENCE, wire: '0.036' }]);
    expect(form.typedBefore.dialUnit).toBe('mm');
    // Infeeds were typed in the dial's unit.
    expect(form.schedule.scratch).toBe('0.04 mm');
    expect(formFrom({ format: 'oyakata-draft', version: 3, ...form })).toEqual(form);
  });
  test.each([
    [{ format: 'oyakata-plan', version: 10 }, 'later release'],
    [{ format: 'oyakata-lathe', version: 1 }, 'not oyakata-plan'],
    [{ ...planFor(), title: 5 }, 'title'],
    [{ ...planFor(), extra: 1 }, 'extra'],
    ['text', 'no oyakata-plan'],
  ])('%# is refused by name', (stored, says) => {
    expect(() => readStoredPlan(stored)).toThrow(says);
  });
});
