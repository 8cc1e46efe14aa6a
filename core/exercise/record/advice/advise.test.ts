import { adviceTitle } from './advice-sentence';
import { overWires } from '@/core/measuring/gauging/three-wires';
import { Told } from '@/core/test/told';
import { sheetWires } from '../../sheet/sheet-geometry';

/** 3/4-16 UNF-2A by the usual way (ASME B1.1: 0.7029 to 0.7079), 14 rows, measured after row 10. */
const begun = () => new Told().begun();
const nutPlan = (nut: string, more: Record<string, string> = {}) =>
  new Told({ starter: 'until-nut', plan: { 'proof.evidence.0.nut': nut, ...more } }).begun();
const measured = (told: Told, size: number, final = false) => {
  const over = Number(overWires(sheetWires(told.sheet), size).toFixed(5));
  const places = { start: over, middle: over, end: over };
  return told.then({ do: 'measure', places, ...(final ? { crest: 0.7438 } : {}), final });
};
const tried = (told: Told, answer: string, more: object = {}) =>
  told.then({ do: 'try', answer, final: false, ...more });

describe('new zeros in mid-thread', () => {
  test.each(['zero', 'picked-up', 'zero-lost'])(
    'after %s at cut 5 of 14 the next row is told, not “hand in”',
    (what) => {
      const told = begun().toRow(6);
      told.then(
        what === 'zero'
          ? { do: 'zero', by: 'metal', value: 0.001 }
          : { do: 'event', id: what, uncertainty: 0.001 },
      );
      // Row 6 reads 0.031, the zero stands at row 5: 0.027.
      expect(told.told).toEqual(['cut', 'carried-row', 0.004]);
      expect(told.says).toMatchObject({ row: 6, of: 14, infeed: 0.004, planned: 0.004, reading: '0.004' });
      // The rows go on without another touch, and the stop after row 10 comes.
      expect(told.toPhase('measure').advice.because).toEqual(['stop-due']);
      expect(told.record.prediction.cuts.at(-1)?.row?.n).toBe(10);
    },
  );
  test('a tip that broke asks for new zeros before anything is cut', () => {
    const told = begun().toRow(6).then({ do: 'event', id: 'tip-broke' });
    expect(told.told).toEqual(['zero', 'new-zero-asked']);
    expect(told.try({ do: 'cut' })?.code).toBe('not-asked');
    expect(told.then({ do: 'zero', by: 'metal' }).told).toEqual(['cut', 'carried-row', 0.004]);
  });
  test('where the depth was not carried no figure of the dial is called safe, and nothing is foretold', () => {
    const told = begun().toRow(6);
    expect(told.says.deepest).not.toBeNull();
    told.then({ do: 'zero', by: 'metal' });
    expect(told.says).toMatchObject({ deepest: null, foretold: null });
  });
  test('where the depth was not carried it is measured before the size is near', () => {
    const told = begun().toRow(6).then({ do: 'zero', by: 'metal' });
    told.toPhase('measure');
    const { planReading = 0 } = told.record.prediction.cuts.at(-1) ?? {};
    expect(planReading).toBeLessThanOrEqual(0.043);
    expect(told.says.size).toBeNull();
  });
  test.each([
    ['readout', '0.744', '0.737'],
    ['readout-zeroed', '0.000', '0.007'],
  ])('a readout is set to the figure from which its rows count on: %s', (way, figure, next) => {
    const told = new Told({ starter: 'trip-readout', plan: { 'infeed.way': way } }).begun().toRow(3);
    told.then({ do: 'event', id: 'tip-broke' });
    expect(told.says.sentence).toContain(`set the readout to ${figure} there`);
    expect(told.then({ do: 'zero', by: 'metal', value: 0.001 }).says.reading).toBe(next);
  });
  test('a disturbed part asks for a pass at no infeed, once', () => {
    const told = begun().toRow(6).then({ do: 'event', id: 'disturbed' });
    expect(told.told).toEqual(['cut', 'pass-at-no-infeed-asked', 0.027]);
    expect(told.says.infeed).toBe(0);
    expect(told.then({ do: 'cut' }).told).toEqual(['cut', 'row', 0.031]);
  });
});

describe('next is from where the dial stands', () => {
  test('a cut shallower than its row leaves the rest of it: never over both', () => {
    const told = begun().toRow(3).then({ do: 'cut', counted: 0.014 });
    expect(told.told).toEqual(['cut', 'rest-of-row', 0.018]);
    expect(told.says.infeed).toBe(0.004);
  });
  test('a reading on a later row brings the stops that it passed', () => {
    const told = begun().toRow(2).then({ do: 'cut', counted: 0.023 });
    expect(told.told).toEqual(['check', 'stop-due']);
  });
  test('a reading that was not taken uses its row', () => {
    const told = begun().toRow(5).then({ do: 'cut', reading: null });
    expect(told.says).toMatchObject({ row: 6, infeed: 0.004 });
  });
});

describe('a measurement', () => {
  test('its infeed is the one advised, in steps of the finishing infeed, and then it is asked for anew', () => {
    const told = measured(begun().toPhase('measure'), 0.70715);
    // (0.70715 - 0.7054) / 2 / cos 29.5 = 0.001005 (common practice): one thousandth.
    expect(told.told).toEqual(['cut', 'row', 0.044]);
    expect(told.then({ do: 'cut' }).told).toEqual(['measure', 'used-up']);
  });
  test('a row deeper than what is left is not told', () => {
    const told = new Told({
      plan: { 'schedule.school': 'constant-infeed', 'schedule.largest': '0.005', 'schedule.finishing': '0' },
    }).begun();
    told.until(({ advice }) => advice.phase === 'cut' && (advice.cut?.planned ?? 0) > 0.033);
    expect(told.says.infeed).toBe(0.005);
    measured(told, 0.7076);
    // (0.7076 - 0.7054) / 2 / cos 29.5 = 0.00126 (common practice): one thousandth, and not five.
    expect(told.advice.because).toEqual(['by-measurement']);
    expect(told.says).toMatchObject({ infeed: 0.001, planned: null });
  });
  test('enough: the proof comes at once, and no row', () => {
    const told = measured(begun().toPhase('measure'), 0.7053);
    expect(told.told).toEqual(['enough', 'target-reached']);
    expect(told.advice.expects).toMatchObject({ do: 'measure', final: true, crest: true });
    expect(measured(told, 0.7053, true).told).toEqual(['after', 'after-step']);
    expect(told.then({ do: 'after' }).told).toEqual(['proven', 'all-proven']);
    expect(told.then({ do: 'end', as: 'accepted' }).told).toEqual(['ended', 'handed-in']);
  });
  test('a register that is made after the thread is made before it is measured, and only then is cleaned up', () => {
    const register = {
      'work.register.diameter': '0.800',
      'work.register.made': 'after',
      'proof.evidence.1.kind': 'register',
    };
    const told = new Told({ plan: register }).begun().toPhase('measure');
    measured(told, 0.7053);
    expect(measured(told, 0.7053, true).told).toEqual(['after', 'after-step']);
    expect(told.says.expects).toEqual({ do: 'step', id: 'register' });
    told.then({ do: 'step', id: 'register' });
    expect(told.advice.expects).toMatchObject({ do: 'find', evidence: 'register' });
    told.then({ do: 'find', evidence: 'register', value: 0.8, final: true });
    expect(told.says.expects).toEqual({ do: 'step', id: 'clean-up' });
  });
  test('past the limit nothing is cut any more', () =>
    expect(measured(begun().toPhase('measure'), 0.7021).told).toEqual(['past-saving', 'past-the-limit']));
});

describe('a nut', () => {
  /** ASME B1.1, from memory: 3/4-16 UNF-2B pitch diameter 0.7094 to 0.7159. */
  const near = () => nutPlan('2B').toPhase('try');
  test('that runs free is enough: the next cut is not offered, also after the final proof', () => {
    const told = tried(near(), 'free');
    expect(told.told).toEqual(['enough', 'runs-free']);
    expect(tried(told, 'free', { final: true }).told).toEqual(['after', 'after-step']);
  });
  test('that wobbles alone calls nothing past saving: it is handed in as not proved right', () => {
    const told = nutPlan('2B').toPhase('try');
    tried(told, 'wobbles');
    tried(told, 'wobbles', { final: true, crest: 0.7438 });
    expect(told.advice).toMatchObject({ phase: 'after', because: ['after-step', 'proof-not-right'] });
    expect(adviceTitle(told.advice)).toBe('Not proved right');
    expect(told.then({ do: 'after' }).told).toEqual(['proven', 'proof-not-right']);
  });
  test('that does not start yet is the normal course: the row stands', () => {
    const told = near();
    const { next } = told.record.prediction;
    tried(told, 'will-not-start');
    expect(told.told).toEqual(['cut', 'row', next?.dialReading.value]);
  });
  test('that is tight is cleaned and gets a pass at no infeed, then another try, then one thousandth', () => {
    const told = near();
    const stands = told.record.prediction.reading.value;
    tried(told, 'tight');
    expect(told.told).toEqual(['cut', 'tight-clean-first', stands]);
    told.then({ do: 'cut' });
    expect(told.advice.phase).toBe('try');
    tried(told, 'tight');
    expect(told.told.slice(0, 2)).toEqual(['cut', 'by-trial']);
    expect(told.says.infeed).toBeGreaterThan(0);
    expect(told.then({ do: 'cut' }).advice.phase).toBe('try');
  });
  test('that should start by its size is looked at first; going on all the same is possible', () => {
    const told = nutPlan('2B').toPhase('try');
    told.until(() => answered(told) || told.advice.because[0] === 'should-start');
    expect(told.told).toEqual(['stop', 'should-start']);
    expect(told.try({ do: 'cut' })?.code).toBe('not-asked');
    expect(told.try({ do: 'cut', allTheSame: true })).toBeNull();
  });
  test('with a crest that no mate takes: burrs down first', () => {
    const told = near();
    tried(told, 'will-not-start', { crest: 0.7512 });
    expect(told.told).toEqual(['stop', 'crest-over']);
  });
  test('with a crest over its limit that the mate still takes: it does not stand in the way', () => {
    const told = near();
    tried(told, 'will-not-start', { crest: 0.7493 });
    expect(told.advice.phase).toBe('cut');
  });
  test('that answers against itself is looked at', () => {
    const told = tried(near(), 'tight').then({ do: 'cut' });
    tried(told, 'will-not-start');
    expect(told.told[0]).toBe('stop');
  });
  const answered = (told: Told): boolean => {
    if (told.advice.phase === 'try') tried(told, 'will-not-start');
    return false;
  };
});

describe('a look that says no', () => {
  test.each([
    ['form', 'staircase'],
    ['pitch', 'pitch-wrong'],
    ['look', 'looks-wrong'],
  ])('%s: no planned cut is offered until it is looked at again', (check, reason) => {
    const told = new Told({
      plan: { 'schedule.stops.0.check': check, 'schedule.stops.0.after': '3' },
    }).begun();
    told.toPhase('check').then({ do: 'stop', stop: check, answer: 'no' });
    expect(told.told).toEqual(['stop', reason]);
    expect(told.try({ do: 'cut' })?.code).toBe('not-asked');
    expect(told.then({ do: 'stop', stop: check, answer: 'yes' }).advice.phase).toBe('cut');
  });
  test('a staircase names the mark that this scale should read, where the student need not find it', () => {
    const said = (plan: Record<string, string>, lathe: Record<string, string>) => {
      const told = new Told({ plan, lathe }).begun().toPhase('check');
      return String(told.then({ do: 'stop', stop: 'form', answer: 'no' }).says.sentence);
    };
    expect(said({}, { zeroAlong: 'bed' })).toMatch(/The compound should read 60\.5° on this scale\.$/);
    expect(said({}, { zeroAlong: 'cross-slide' })).toMatch(
      /The compound should read 29\.5° on this scale\.$/,
    );
    const plunged = {
      'infeed.way': 'plunge',
      'schedule.stops.0.check': 'form',
      'schedule.stops.0.after': '3',
    };
    expect(said(plunged, {})).not.toMatch(/should read/);
  });
  test('going on all the same is recorded, and the rows go on', () => {
    const told = begun().toPhase('check').then({ do: 'stop', stop: 'form', answer: 'no' });
    expect(told.then({ do: 'cut', allTheSame: true }).advice.phase).toBe('cut');
  });
});

describe('dial marks', () => {
  /** 18 TPI on a lead screw of 8 TPI, a gear of 24 teeth, eight marks: 1, then 2 is half a pitch beside the groove. */
  const dial = (teeth: string, plan: Record<string, string> = {}) =>
    new Told({
      thread: '5/8-18 UNF-2A',
      plan,
      lathe: { leadScrew: '8', threadDial: 'in-use', dialGears: [[teeth, '1 2 3 4 5 6 7 8']] },
    }).begun();
  const marksOf = (told: Told) => told.says.marks as string[];
  test('before the first catch every mark that comes back is safe, after it those of its set', () => {
    const told = dial('24');
    told.toRow(2);
    const before = marksOf(told);
    told.then({ do: 'cut', mark: '1' });
    expect(marksOf(told)).toContain('1');
    expect(marksOf(told)).not.toContain('2');
    expect(before.length).toBeGreaterThan(marksOf(told).length - 1);
  });
  test('another one stops the work until it is said whether the tool touched; on 32 teeth it is right', () => {
    const told = dial('24').toRow(2).then({ do: 'cut', mark: '1' }, { do: 'cut', mark: '2' });
    expect(told.told).toEqual(['stop', 'unsafe-mark']);
    told.then({ do: 'event', id: 'off-mark', touched: false });
    expect(told.advice.phase).not.toBe('stop');
    const touched = dial('24').toRow(2).then({ do: 'cut', mark: '1' }, { do: 'cut', mark: '2' });
    touched.then({ do: 'event', id: 'off-mark', touched: true });
    expect(touched.told).toEqual(['stop', 'second-groove']);
    const right = dial('32').toRow(2).then({ do: 'cut', mark: '1' }, { do: 'cut', mark: '2' });
    expect(right.advice.phase).not.toBe('stop');
  });
  test('a plan that keeps to one mark: another of its set brings the groove back and stops nothing', () => {
    const told = dial('32', { 'technique.markRule': 'same' }).toRow(2).then({ do: 'cut', mark: '1' });
    expect(marksOf(told)).toEqual(['1']);
    expect(told.then({ do: 'cut', mark: '3' }).advice.phase).not.toBe('stop');
    const beside = dial('24', { 'technique.markRule': 'same' }).toRow(2);
    expect(beside.then({ do: 'cut', mark: '1' }, { do: 'cut', mark: '2' }).told).toEqual([
      'stop',
      'unsafe-mark',
    ]);
  });
  test('new zeros begin a new set', () => {
    const told = dial('24')
      .toRow(2)
      .then({ do: 'cut', mark: '1' }, { do: 'zero', by: 'metal', value: 0.001 });
    expect(marksOf(told)).toContain('2');
    told.then({ do: 'cut', mark: '2' });
    expect(marksOf(told)).not.toContain('1');
  });
});

describe('a GO and NO-GO gauge', () => {
  const gauged = () => new Told({ plan: { 'proof.evidence.0.kind': 'gauge', 'schedule.stops': [] } }).begun();
  test('GO stops at the end of the rows: a quarter of the tolerance at a time, and asked again', () => {
    const told = gauged()
      .toPhase('prove')
      .then({ do: 'find', evidence: 'gauge', answer: 'go-stops', final: true });
    expect(told.told).toEqual(['cut', 'by-gauge', 0.046]);
    expect(told.then({ do: 'cut' }).told).toEqual(['measure', 'used-up']);
  });
  test('both right is enough; NO-GO in is past saving', () => {
    const end = () => gauged().toPhase('prove');
    expect(end().then({ do: 'find', evidence: 'gauge', answer: 'right', final: true }).told[0]).toBe('after');
    const told = end().then({ do: 'find', evidence: 'gauge', answer: 'no-go-enters', final: true });
    expect(told.told).toEqual(['past-saving', 'past-the-limit']);
    // 3/4-16 UNF-2A ends at 0.7029 (ASME B1.1): whatever was foretold, it is under that.
    expect(told.advice.size?.max).toBeLessThanOrEqual(0.7029);
  });
});

test('a step in mid-course is asked for when half of the feed is cut', () => {
  const plan = {
    'steps.0.id': 'own-1',
    'steps.0.title': 'Show the chip',
    'steps.0.group': 'mid-course',
    'steps.0.evidence': 'confirm',
  };
  const told = new Told({ plan }).begun().until(({ advice }) => advice.phase === 'set-up');
  const half = (told.sheet.passes.at(-1)?.dialReading.value ?? 0) / 2;
  const [before = NaN, now = NaN] = told.record.prediction.cuts.slice(-2).map(({ reading }) => reading);
  expect(before).toBeLessThan(half);
  expect(now).toBeGreaterThanOrEqual(half);
  expect(told.says).toMatchObject({ expects: { do: 'step', id: 'own-1' } });
  expect(told.then({ do: 'step', id: 'own-1' }).advice.phase).toBe('cut');
});
test('what came late from another device is looked over first', () => {
  const told = begun().toRow(5);
  told.then({ do: 'late', items: [{ do: 'cut' }] });
  expect(told.told).toEqual(['blocked', 'late-entries']);
});

test('two starts: where the zero was lost none goes ahead near its size, for a nut tells it only with all of them', () => {
  const story = { thread: '3/4-10 UNC-2A (2 starts)', starter: 'until-nut' };
  const told = new Told({ ...story, plan: { 'proof.evidence.0.kind': 'gauge' } }).begun().toRow(6);
  told.then({ do: 'zero', by: 'metal' });
  const depthOf = (start: number) =>
    told.record.prediction.cuts.findLast(({ entry }) => entry.content.start === start)?.planReading ?? 0;
  while (told.says.phase === 'cut' || told.says.phase === 'try')
    if (told.says.phase === 'cut') told.then({ do: 'cut' });
    else tried(told, 'will-not-start', { stop: told.record.prediction.due?.stop.id });
  // The gauge is asked for with both as deep, short of the depth for the target by what a hand scatters.
  expect(told.advice.because).toEqual(['depth-not-known']);
  expect(depthOf(1)).toBeCloseTo(depthOf(2), 6);
  expect(told.sheet.radialDepth - depthOf(1)).toBeGreaterThan(0);
});
test('two starts: one that went deeper waits for the other before a nut is tried again', () => {
  const story = { thread: '3/4-10 UNC-2A (2 starts)', starter: 'until-nut' };
  const told = new Told({ ...story, plan: { 'tool.tip.kind': 'not-measured' } }).begun().toPhase('try');
  tried(told, 'will-not-start', { stop: told.record.prediction.due?.stop.id });
  const first = told.record.prediction.cuts.findLast(({ entry }) => entry.content.start === 1)?.reading ?? 0;
  told.then({ do: 'cut', counted: first + 0.006, start: 2 });
  expect(told.record.prediction.start).toBe(2);
  expect(told.says).toMatchObject({ phase: 'cut', because: ['other-start'], start: 1 });
});
test('two starts: a gauge that does not go feels the start with the most metal, and bounds no deeper one', () => {
  const story = { thread: '3/4-10 UNC-2A (2 starts)', starter: 'until-nut' };
  const told = new Told({ ...story, plan: { 'proof.evidence.0.kind': 'gauge' } }).begun();
  told.until(({ record }) => record.prediction.start === 2).then({ do: 'event', id: 'disturbed' });
  const first = told.record.prediction.cuts.findLast(({ entry }) => entry.content.start === 1)?.reading ?? 0;
  const deeper = (start: number) => told.then({ do: 'cut', counted: first + 0.006, start }, find).says.size;
  const find = { do: 'find', evidence: 'gauge', answer: 'go-stops', final: false };
  expect(deeper(2)).toBeNull();
  expect(deeper(1)).not.toBeNull();
});
test('two starts: a start that is measured to size is left, and the other comes as deep before the proof', () => {
  const told = new Told({ thread: '3/4-16 UNF-2A (2 starts)', starter: 'insert' }).begun();
  told.until(({ advice }) => advice.cut?.start === 2);
  measured(told, 0.7053);
  const cuts = told.record.prediction.cuts.length;
  // Start 2 is measured at its stop, when it is as deep.
  measured(told.toPhase('measure'), 0.7053);
  expect(told.told).toEqual(['enough', 'target-reached']);
  const after = told.record.prediction.cuts.slice(cuts);
  expect(after.length).toBeGreaterThan(5);
  expect(after.map(({ entry }) => entry.content.start)).toEqual(after.map(() => 2));
});
