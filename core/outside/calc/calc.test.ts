import { calc, CALC_KINDS } from './calc';

const ask = (kind: string, request: unknown) => calc(kind, JSON.stringify(request)).answer;

/** ASME B1.1 limits table, from memory: 3/4-10 UNC-2A. */
test('limits of an external thread', () => {
  expect(ask('limits', { id: 7, thread: '3/4-10 UNC-2A' })).toEqual({
    id: 7,
    designation: '3/4-10 UNC-2A',
    standard: 'ASME B1.1',
    unit: 'in',
    side: 'external',
    hand: 'right',
    starts: 1,
    pitch: 0.1,
    lead: 0.1,
    tpi: 10,
    allowance: 0.0018,
    major: { min: 0.7353, max: 0.7482 },
    pitchDiameter: { min: 0.6773, max: 0.6832 },
    minor: { min: null, max: 0.6399 },
  });
});

/** ISO 965-2 table, from memory: M20x1.5-6H. */
test('limits of an internal thread, and a left-hand one', () => {
  expect(ask('limits', { thread: 'M20x1.5-6H-LH' })).toMatchObject({
    designation: 'M20x1.5-6H-LH',
    unit: 'mm',
    hand: 'left',
    major: { min: 20, max: null },
    pitchDiameter: { min: 19.026, max: 19.216 },
    minor: { min: 18.376, max: 18.676 },
  });
  expect(ask('limits', { thread: 'M20x1.5-6H' })).not.toHaveProperty('tpi');
});

test('wires take the best wire when none is given, and go back from a reading', () => {
  const best = ask('wires', { thread: '3/4-10 UNC-2A' }) as {
    wire: number;
    overWires: { min: number; max: number };
  };
  expect(best.wire).toBeCloseTo(0.057735, 6);
  expect(ask('wires', { thread: '3/4-10 UNC-2A', measured: best.overWires.max })).toMatchObject({
    pitchDiameter: expect.closeTo(0.6832, 9) as number,
  });
  expect(ask('wires', { thread: 'M20x2.5-6H' })).toHaveProperty('overWires.min');
});

test('depth for the real blank, and for the real bore', () => {
  const external = {
    thread: '3/4-10 UNC-2A',
    workDiameter: 0.748,
    tip: { flat: 0.0125 },
    compoundAngle: 29.5,
    pitchDiameter: 0.6803,
  };
  const depth = (0.748 - 0.6803) / 2 + (0.05 - 0.0125) * (Math.sqrt(3) / 2);
  expect(ask('depth', external)).toEqual({
    radialDepth: expect.closeTo(depth, 12) as number,
    compoundFeed: expect.closeTo(depth / Math.cos((29.5 * Math.PI) / 180), 12) as number,
  });
  expect(
    ask('depth', {
      ...external,
      thread: '3/4-10 UNC-2B',
      workDiameter: 0.652,
      pitchDiameter: 0.688,
      tip: { radius: 0.005 },
    }),
  ).toMatchObject({ radialDepth: expect.closeTo(0.018 + 0.0433013 - 0.005, 6) as number });
});

test('bore on both bases', () => {
  expect(ask('bore', { thread: '3/4-10 UNC-2B', percent: 75, basis: 'full' })).toEqual({
    diameter: expect.closeTo(0.65257, 5) as number,
    range: { min: 0.642, max: 0.663 },
    percentOfBasic: expect.closeTo(90, 4) as number,
    percentOfFull: expect.closeTo(75, 9) as number,
  });
});

test.each([
  ['limits', {}, 'required', 'thread'],
  ['limits', { thread: 7 }, 'out-of-range', 'thread'],
  ['limits', { thread: '3/4-14 UNF' }, 'unknown-size', 'thread'],
  ['wires', { thread: 'M16', wire: 'thick' }, 'out-of-range', 'wire'],
  ['wires', { thread: 'M16', wire: 0.5 }, 'out-of-range', 'wire'],
  ['wires', { thread: 'M16', measured: 99 }, 'out-of-range', 'measured'],
  ['depth', { thread: 'M16' }, 'required', 'workDiameter'],
  [
    'depth',
    { thread: 'M16', workDiameter: 14, tip: { flat: 0 }, compoundAngle: 30, pitchDiameter: 14.5 },
    'not-reachable',
    'workDiameter',
  ],
  [
    'depth',
    {
      thread: 'M16',
      workDiameter: 15.9,
      tip: { flat: 0.1, radius: 0.1 },
      compoundAngle: 30,
      pitchDiameter: 14.5,
    },
    'out-of-range',
    'tip',
  ],
  [
    'depth',
    { thread: 'M16', workDiameter: 15.9, tip: { flat: 0 }, compoundAngle: 60, pitchDiameter: 14.5 },
    'out-of-range',
    'compoundAngle',
  ],
  ['bore', { thread: 'M16-6g', percent: 75, basis: 'basic' }, 'unsupported', 'thread'],
  ['bore', { thread: 'M16-6H', percent: 75, basis: 'usual' }, 'out-of-range', 'basis'],
  ['nonsense', {}, 'unknown-kind', 'kind'],
])('%s %j is refused: %s at %s', (kind, request, code, field) => {
  expect(ask(kind, request)).toMatchObject({
    error: { code, field, message: expect.stringMatching(/.{10}/) as string },
  });
});

test('what is no JSON object is refused, and an id is repeated with the refusal', () => {
  expect(calc('limits', '{').answer).toMatchObject({ error: { code: 'not-json' } });
  expect(calc('limits', '[1]').answer).toMatchObject({ error: { code: 'not-an-object' } });
  expect(ask('limits', { id: 'a', thread: 'x' })).toMatchObject({ id: 'a', error: { field: 'thread' } });
});

test('a computation that throws is an answer on its own line, and the next line is answered', () => {
  const { limits } = CALC_KINDS;
  CALC_KINDS.limits = () => {
    throw new Error('slipped');
  };
  expect(ask('limits', { id: 3, thread: 'M16' })).toEqual({
    id: 3,
    error: { code: 'failed', field: 'request', message: expect.stringContaining('slipped') as string },
  });
  CALC_KINDS.limits = limits!;
  expect(ask('limits', { thread: 'M16' })).toHaveProperty('pitch', 2);
});

test('names and numbers that no request may hold are refused on their line', () => {
  expect(calc('toString', '{}').answer).toHaveProperty('error.code', 'unknown-kind');
  expect(calc('limits', '{"toString":1}').answer).toHaveProperty('error.field', 'toString');
  expect(calc('depth', '{"workDiameter":1e999}').answer).toHaveProperty('error.code', 'out-of-range');
});

/** ASME B1.1 limits table, from memory: 2B 0.7094 to 0.7159. */
test('a nut answers with its bracket and the next infeed', () => {
  const request = {
    thread: '3/4-16 UNF-2A',
    nut: '2B',
    answers: ['will-not-start', 'tight'],
    crest: 0.7438,
    compoundAngle: 29.5,
    graduation: 0.001,
  };
  expect(ask('nut', request)).toEqual({
    pitchDiameter: { min: 0.7094, max: 0.7159 },
    againstLimits: 'over',
    nextInfeed: 0.002,
    contradiction: null,
  });
  expect(ask('nut', { ...request, nut: null, answers: ['free'] })).toMatchObject({ nextInfeed: null });
  expect(ask('nut', { ...request, nut: { pitchDiameter: 0.7065, uncertainty: 0.0002 } })).toMatchObject({
    againstLimits: 'inside',
  });
  expect(ask('nut', { ...request, answers: ['loose'] })).toHaveProperty('error.field', 'answers[0]');
  expect(ask('nut', { ...request, screw: 1 })).toHaveProperty('error.field', 'screw');
  expect(ask('nut', { ...request, nut: 5 })).toHaveProperty('error.field', 'nut');
});

test('identify names standard threads, and refuses what it does not know', () => {
  const request = { id: 3, major: 0.49, tpi: 13, unit: 'in', side: 'external', uncertainty: 0.002 };
  expect(ask('identify', request)).toMatchObject({
    id: 3,
    candidates: [{ thread: '1/2-13 UNC-2A', fits: true }, { thread: '1/2-13 UNC-3A' }],
  });
  expect(ask('identify', { ...request, pitch: 0.0769 })).toHaveProperty('error.field', 'tpi');
  expect(ask('identify', { ...request, tpi: undefined })).toHaveProperty('error.field', 'pitch');
  expect(ask('identify', { ...request, colour: 1 })).toHaveProperty('error.field', 'colour');
  expect(ask('identify', { ...request, tpi: '11 1/2', side: 'internal' })).toHaveProperty('candidates');
});

describe('the machine', () => {
  /** The taught rules of the thread dial; common practice. */
  test.each([
    [{ tpi: 13 }, 1, [0, 2, 4, 6], false],
    [{ tpi: '11 1/2' }, 1, [0, 4], false],
    [{ tpi: 11.25 }, 1, [0], false],
    [{ pitch: 1.5 }, 1, [], true],
    [{ tpi: 16 }, 2, [0, 1, 2, 3, 4, 5, 6, 7], false],
    [{ tpi: 16 }, 3, [], true],
  ])('safe marks of %j with %d starts', (thread, starts, safeMarks, keepHalfNutClosed) => {
    const request = { leadScrew: { tpi: 8 }, gearTeeth: 32, marks: 8, thread, starts };
    expect(ask('dial', request)).toMatchObject({ safeMarks, keepHalfNutClosed, screwPitchesBetweenMarks: 4 });
  });

  /** Common practice: 28/48 on a screw of 3 mm gives 1.75 mm exactly. */
  test('gears of a stock, exact first', () => {
    const request = { stock: [28, 30, 48, 60], leadScrew: { pitch: 3 }, thread: { pitch: '1.75' }, most: 2 };
    expect(ask('gears', request)).toMatchObject({
      exact: true,
      trains: [{ drivers: [28], driven: [48], ratio: 28 / 48, errorPpm: 0 }, {}],
    });
    const other = ask('gears', { ...request, stock: [28, 48], fixedRatio: '1/2' }) as { exact: boolean };
    expect(other.exact).toBe(false);
  });

  test('the graduation on either scale', () => {
    expect(ask('compound', { angle: 29.5, zeroAlong: 'bed' })).toEqual({ markToSet: 60.5 });
    expect(ask('compound', { angle: 29.5, zeroAlong: 'cross-slide' })).toEqual({ markToSet: 29.5 });
  });

  test('speed in the usable width', () => {
    const request = { lead: 2.5, unit: 'mm', runOut: 4, reaction: 1.2, speeds: [70, 45, 110] };
    expect(ask('speed', request)).toMatchObject({
      maxRpm: expect.closeTo(80, 9) as number,
      rpm: 70,
      timeInRunOut: 96 / 70,
    });
    const stopped = ask('speed', { ...request, toolWidth: 1, drift: 0.25, runDownTurns: 0.5 });
    expect(stopped).toMatchObject({ maxRpm: expect.closeTo(30, 9) as number, rpm: null, timeInRunOut: null });
    /** Common practice: 13 TPI at 256 rpm leaves 0.70 s in a groove of 3 pitches. */
    const practice = { lead: 1 / 13, unit: 'in', runOut: 3 / 13, reaction: 0.7, speeds: [256] };
    expect(ask('speed', practice)).toMatchObject({
      rpm: 256,
      timeInRunOut: expect.closeTo(0.703, 3) as number,
    });
  });

  test.each([
    ['dial', { leadScrew: { tpi: 8, pitch: 3 }, gearTeeth: 32, marks: 8, thread: { tpi: 8 } }, 'leadScrew'],
    ['dial', { leadScrew: { tpi: 8 }, gearTeeth: 0, marks: 8, thread: { tpi: 8 } }, 'gearTeeth'],
    ['dial', { leadScrew: { tpi: 8 }, gearTeeth: 32, marks: 2.5, thread: { tpi: 8 } }, 'marks'],
    ['dial', { leadScrew: { tpi: 8 }, gearTeeth: 32, marks: 8, thread: { tpi: '1/0' } }, 'thread.tpi'],
    ['dial', { leadScrew: { tpi: 8 }, gearTeeth: 32, marks: 8 }, 'thread'],
    ['gears', { stock: [20, 0], leadScrew: { tpi: 8 }, thread: { tpi: 8 } }, 'stock[1]'],
    ['gears', { stock: [20, 9000], leadScrew: { tpi: 8 }, thread: { tpi: 8 } }, 'stock[1]'],
    ['gears', { stock: [20, 40], leadScrew: { tpi: 8 }, thread: { tpi: 8 }, fixedRatio: '0' }, 'fixedRatio'],
    ['compound', { angle: 91, zeroAlong: 'bed' }, 'angle'],
    ['compound', { angle: 29.5 }, 'zeroAlong'],
    ['speed', { lead: 2.5, unit: 'mm', runOut: 4, reaction: 1.2 }, 'speeds'],
    ['speed', { lead: 2.5, unit: 'mm', runOut: 4, reaction: 1.2, speeds: [-1] }, 'speeds[0]'],
    ['speed', { lead: 2.5, unit: 'mm', runOut: 4, reaction: 1.2, speeds: [45], tool: 1 }, 'tool'],
  ])('%s refuses %j at its field', (kind, request, field) => {
    expect(ask(kind, request)).toMatchObject({ error: { field } });
  });
});

/** Handbook rule, common practice: 0.75 P at 30 degrees with a flat of P/8 gives the basic pitch diameter, d - 0.649519 P. */
test('groove: 0.75 P at 30 degrees, and what the wires say of it', () => {
  const request = {
    side: 'external',
    unit: 'in',
    pitch: 0.1,
    workDiameter: 0.75,
    tip: { flat: 0.0125 },
    compoundAngle: 30,
    feeds: [0.002, 0.01, 0.01, 0.01, 0.01, 0.01, 0.01, 0.013],
  };
  const { ok, answer } = calc('groove', JSON.stringify(request));
  expect(ok).toBe(true);
  const groove = answer as {
    passes: { removedArea: number; leadingArea: number; tipArea: number; trailingArea: number }[];
    pitchDiameter: number;
    minorDiameter: number;
    wire: number;
    overWires: number;
    leadAngleCorrection: number;
    flankAngles: object;
  };
  expect(groove.pitchDiameter).toBeCloseTo(0.75 - 0.0649519053, 8);
  expect(groove.minorDiameter).toBeCloseTo(0.75 - 2 * 0.075 * Math.cos(Math.PI / 6), 12);
  // ASME B1.2: M = d2 + 3 w - 0.866025 P and what the lead angle adds.
  const plane = groove.pitchDiameter + 3 * groove.wire - 0.0866025404;
  expect(groove.overWires - groove.leadAngleCorrection).toBeCloseTo(plane, 9);
  expect(groove.flankAngles).toEqual({
    leading: expect.closeTo(30, 9) as number,
    trailing: expect.closeTo(30, 9) as number,
  });
  // A trapezium by hand: flat P/8 and depth h: f h + h² tan 30.
  const depth = 0.075 * Math.cos(Math.PI / 6);
  const area = 0.0125 * depth + depth ** 2 * Math.tan(Math.PI / 6);
  expect(groove.passes.reduce((sum, { removedArea }) => sum + removedArea, 0)).toBeCloseTo(area, 14);
  groove.passes.forEach((pass) => {
    expect(pass.leadingArea + pass.tipArea + pass.trailingArea).toBeCloseTo(pass.removedArea, 14);
    expect(pass.trailingArea).toBeLessThan(1e-14);
  });
});

/** Common practice: the wrong axis leaves flanks of 30 and a staircase about 60, c cos 60 deep. */
test('groove: the wrong axis', () => {
  const request = { side: 'external', unit: 'mm', pitch: 2, workDiameter: 16, tip: { flat: 0.25 } };
  const feeds = Array.from({ length: 15 }, () => 0.1);
  const { answer } = calc('groove', JSON.stringify({ ...request, compoundAngle: 60, feeds }));
  expect(answer).toMatchObject({
    minorDiameter: expect.closeTo(16 - 2 * 0.75, 10) as number,
    flankAngles: { leading: expect.closeTo(30, 8) as number, trailing: expect.closeTo(60, 0) as number },
  });
});

test('groove: too shallow has no size, and what is refused', () => {
  const request = {
    side: 'internal',
    unit: 'mm',
    pitch: 2,
    workDiameter: 14,
    tip: { flat: 0.25 },
    compoundAngle: 29.5,
    feeds: [0.1],
  };
  expect(calc('groove', JSON.stringify(request)).answer).toMatchObject({
    pitchDiameter: null,
    overWires: null,
    minorDiameter: 14,
  });
  for (const [change, field] of [
    [{ feeds: [] }, 'feeds'],
    [{ feeds: [-0.1] }, 'feeds[0]'],
    [{ compoundAngle: 90 }, 'compoundAngle'],
    [{ side: 'outside' }, 'side'],
    [{ form: 60 }, 'form'],
    [{ side: 'external', workDiameter: 2, feeds: [2] }, 'feeds'],
  ] as const)
    expect(calc('groove', JSON.stringify({ ...request, ...change })).answer).toMatchObject({
      error: { field },
    });
});

describe('schedule', () => {
  const request = {
    thread: '3/4-10 UNC-2A',
    workDiameter: 0.745,
    tip: { flat: 0.0125 },
    compoundAngle: 29.5,
    pitchDiameter: 0.681,
    method: 'constant-area',
    passes: 14,
    graduation: 0.001,
    scratch: 0.002,
    finishing: [0.001, 0.001],
    spring: 2,
  };
  const answerOf = (change: object) =>
    calc('schedule', JSON.stringify({ ...request, ...change })).answer as {
      passes: {
        n: number;
        kind: string;
        infeed: number;
        reading: number;
        chipArea: number;
        pitchDiameter: number;
      }[];
      totalFeed: number;
    };

  test.each(['constant-area', 'constant-infeed', 'steps'])('%s: whole graduations that add up', (method) => {
    const { passes, totalFeed } = answerOf({ method });
    expect(passes.filter(({ kind }) => kind !== 'spring')).toHaveLength(14);
    expect(passes.map(({ kind }) => kind).slice(-4)).toEqual(['finish', 'finish', 'spring', 'spring']);
    // Closed form of the trade, section 4: c = ((Dm - d2) / 2 + (P / 2 - f) √3 / 2) / cos 29.5.
    const depth = (0.745 - 0.681) / 2 + (0.05 - 0.0125) * (Math.sqrt(3) / 2);
    expect(totalFeed).toBeCloseTo(depth / Math.cos((29.5 * Math.PI) / 180), 9);
    let at = 0;
    for (const { infeed, reading } of passes) {
      at += infeed;
      expect(at).toBeCloseTo(reading, 12);
      expect(Math.abs(reading / 0.001 - Math.round(reading / 0.001))).toBeLessThan(1e-9);
    }
    expect(Math.abs(at - totalFeed)).toBeLessThanOrEqual(0.0005 + 1e-12);
    expect(passes.at(-1)?.pitchDiameter).toBeCloseTo(0.681, 3);
  });

  test('constant area before a fine dial takes the same chip with every roughing pass', () => {
    const { passes } = answerOf({ graduation: 0.000001 });
    const areas = passes.filter(({ kind }) => kind === 'rough').map(({ chipArea }) => chipArea);
    for (const area of areas) expect(area / (areas[0] ?? 1)).toBeCloseTo(1, 2);
  });

  test('steps are large to two thirds of the feed, then small', () => {
    const { passes, totalFeed } = answerOf({ method: 'steps', graduation: 0.000001 });
    const rough = passes.filter(({ kind }) => kind === 'rough');
    const [large = 0, small = 0] = [rough[0]?.infeed, rough.at(-1)?.infeed];
    // Two infeeds and no third, to a graduation; the larger ones end at two thirds of what is roughed.
    const end = (2 / 3) * (totalFeed - 0.002);
    for (const { infeed, reading } of rough)
      expect(Math.abs(infeed - (reading < end + 2e-6 ? large : small))).toBeLessThan(2.1e-6);
    expect(rough.some(({ reading }) => Math.abs(reading - end) < 2e-6)).toBe(true);
    // The usual share of the smaller is two fifths (0.005, then 0.002 in); a whole number of passes comes near it.
    expect(Math.abs(small / large - 0.4)).toBeLessThan(0.1);
  });

  test.each([
    [{ method: 'by feel' }, 'method'],
    [{ passes: 3 }, 'passes'],
    [{ passes: 1.5 }, 'passes'],
    [{ finishing: [0.04, 0.04] }, 'finishing'],
    [{ graduation: 0.5 }, 'graduation'],
    [{ workDiameter: 0.6 }, 'workDiameter'],
    [{ largest: 0.01 }, 'largest'],
    [{ thread: '3/4' }, 'thread'],
  ])('refuses %p at its field', (change, field) => {
    expect(answerOf(change)).toMatchObject({ error: { field } });
  });
});

describe('slip', () => {
  const request = {
    thread: '3/4-10 UNC-2A',
    workDiameter: 0.748,
    tip: { flat: 0.0125 },
    compoundAngle: 29.5,
    zeroAlong: 'bed',
    pitchDiameter: 0.6803,
    wire: 0.06,
  };
  const slip = (change: object) => ask('slip', { ...request, ...change });

  test('says what is right and which slip the answer shows', () => {
    expect(slip({ id: 'a', quantity: 'compoundFeed', answer: 0.0663 })).toMatchObject({
      id: 'a',
      quantity: 'compoundFeed',
      tolerance: 0.0005,
      right: false,
      slips: [{ id: 'cosine-left-out' }],
    });
    expect(slip({ quantity: 'markToSet', answer: 60.5, tolerance: 0.1 })).toEqual({
      quantity: 'markToSet',
      expected: 60.5,
      tolerance: 0.1,
      right: true,
      slips: [],
    });
  });

  test('asks only for what the quantity follows from', () => {
    expect(ask('slip', { thread: 'M16x2-6g', quantity: 'bestWire', answer: 1.1547 })).toMatchObject({
      right: true,
    });
    expect(ask('slip', { thread: 'M16x2-6g', quantity: 'overWires', answer: 16 })).toMatchObject({
      error: { code: 'required', field: 'pitchDiameter' },
    });
  });

  test.each([
    [{ quantity: 'depth', answer: 1 }, 'quantity'],
    [{ quantity: 'pitch', answer: '0.1' }, 'answer'],
    [{ quantity: 'pitch', answer: 0.1, tolerance: 0 }, 'tolerance'],
    [{ quantity: 'pitch', answer: 0.1, extra: 1 }, 'extra'],
    [{ quantity: 'compoundFeed', answer: 0.1, compoundAngle: 90 }, 'compoundAngle'],
    [{ quantity: 'radialDepth', answer: 0.1, tip: { flat: 1, radius: 1 } }, 'tip'],
  ])('%j is refused at %s', (change, field) => {
    expect(slip(change)).toMatchObject({ error: { field } });
  });
});
