import { cutOf, goodSteps, HANDED_IN, recordOf, sheetOf, stepDone, contextOf } from '@/core/test/record';
import { Told } from '@/core/test/told';
import { usualLathe } from '@/core/machine/lathe/usual-lathe';
import { chipLook } from './chip-look';
import { CUT_WARNINGS } from '../entry/cut-warning';
import { warnCut } from './warn-cut';
import { grooveOfRecord } from '../state/groove-of-record';
import { nextAtBench, saysSomebodysWords } from './next-at-bench';
import { predict } from '../state/predict';
import { readEntry } from '../entry/read-entry';
import type { EntryContent } from '../entry/kinds';

const sheet = sheetOf();
const done = goodSteps(sheet);
const cuts = (count: number): EntryContent[] => sheet.passes.slice(0, count).map((row) => cutOf(row));
const record = (contents: readonly EntryContent[]) => recordOf(contents);
const warned = (entries: readonly EntryContent[], reading: number) =>
  warnCut(sheet, predict(sheet, record(entries)), reading);

describe('what is next', () => {
  test('lathe, then step by step with the figure that is shown, then the dial of the next pass', () => {
    expect(nextAtBench(null, [])).toMatchObject({ kind: 'lathe' });
    const first = nextAtBench(sheet, []);
    expect(first).toMatchObject({ kind: 'step', title: sheet.steps[0]!.title });
    expect(nextAtBench(sheet, record([...done, ...cuts(2)]))).toMatchObject({
      kind: 'pass',
      title: `Pass 3 of ${sheet.passes.length}`,
      figure: { value: sheet.passes[2]!.dialReading.value.toFixed(3), unit: 'in' },
    });
  });

  test('with a nut due and another start behind, the cut that brings it up is next', () => {
    const story = { thread: '3/4-10 UNC-2A (2 starts)', starter: 'until-nut' };
    const told = new Told({ ...story, plan: { 'tool.tip.kind': 'not-measured' } }).begun().toPhase('try');
    const stop = told.record.prediction.due?.stop.id;
    expect(nextAtBench(told.sheet, told.record.entries)).toMatchObject({ kind: 'stop' });
    told.then({ do: 'try', answer: 'will-not-start', stop, final: false });
    const first = told.record.prediction.cuts.findLast(({ entry }) => entry.content.start === 1)?.reading;
    told.then({ do: 'cut', counted: (first ?? NaN) + 0.006, start: 2 });
    expect(told.record.prediction.due).not.toBeNull();
    expect(nextAtBench(told.sheet, told.record.entries)).toMatchObject({ kind: 'pass' });
  });

  test('a value that is hidden is not said', () => {
    const hidden = {
      ...sheet,
      steps: sheet.steps.map((step) => ({ ...step, shows: 'hidden' as const })),
    };
    const at = hidden.steps.findIndex(({ kind }) => kind === 'value');
    expect(nextAtBench(hidden, record(done.slice(0, at)))).toMatchObject({ kind: 'step', figure: null });
  });

  test('an open hold point is waited for; handed in, nothing is left to do', () => {
    const unsigned = done.filter(({ kind }) => kind !== 'sign-off');
    expect(nextAtBench(sheet, record(unsigned)).title).toMatch(/look/i);
    expect(nextAtBench(sheet, record([...unsigned, ...cuts(1)]))).toMatchObject({ kind: 'blocked' });
    expect(nextAtBench(sheet, record([...done, ...cuts(1), HANDED_IN])).kind).toBe('waits');
  });
});

describe('before the cut', () => {
  const [, , third] = sheet.passes;
  const after = [...done, ...cuts(3)];
  const stands = third!.dialReading.value;

  test('as planned nothing is warned of', () => {
    expect(warned(after, sheet.passes[3]!.dialReading.value)).toEqual([]);
  });

  test('back of where it stands; exactly there is a pass at no infeed', () => {
    expect(warned(after, stands - 0.001)).toEqual(['backwards']);
    expect(warned(after, stands)).toEqual([]);
  });

  test('more than the largest infeed, from the first graduation beyond', () => {
    const largest = sheet.schedule.largestInfeed.value;
    expect(warned(after, stands + largest)).not.toContain('over-largest');
    expect(warned(after, stands + largest + 0.001)).toContain('over-largest');
  });

  test('on a dial that reads the diameter twice as much is the largest', () => {
    const lathe = usualLathe('in');
    const dial = { ...lathe.compound.dial, reads: 'diameter' as const };
    const wide = sheetOf({}, { ...lathe, compound: { ...lathe.compound, dial } });
    const entries = recordOf([...goodSteps(wide), ...wide.passes.slice(0, 3).map((row) => cutOf(row))]);
    const prediction = predict(wide, entries);
    const most = prediction.reading.value + 2 * wide.schedule.largestInfeed.value;
    expect(warnCut(wide, prediction, most)).not.toContain('over-largest');
    expect(warnCut(wide, prediction, most + 0.001)).toContain('over-largest');
  });

  test('what is told is not warned of where the dial’s zero stands between two graduations', () => {
    const told = new Told({ plan: { 'infeed.way': 'plunge', 'schedule.school': 'constant-infeed' } });
    told.begun().toRow(5).then({ do: 'cut', compound: '0.0015', compoundAngle: '30' });
    for (let row = 0; row < 4 && told.says.phase === 'cut'; row += 1, told.then({ do: 'cut' })) {
      const { prediction, advice } = told.record;
      expect(warnCut(told.sheet, prediction, advice.cut?.reading ?? NaN)).toEqual([]);
    }
  });

  test('each start stands at a figure of its own: the first cut of the second is not one backwards', () => {
    const told = new Told({ thread: '3/4-16 UNF-2A (2 starts)', starter: 'insert' }).begun();
    told.until(({ advice }) => advice.cut?.start === 2);
    const { prediction, advice } = told.record;
    const { reading, start } = advice.cut!;
    expect(prediction.start).toBe(1);
    expect(reading).toBeLessThan(prediction.reading.value);
    expect(warnCut(told.sheet, prediction, reading, start)).toEqual([]);
    expect(warnCut(told.sheet, prediction, reading, 1)).toContain('backwards');
  });

  test('a whole turn of the dial, which is more than any infeed', () => {
    const turn = sheet.lathe.dial.perTurn.value;
    expect(warned(after, stands + turn)).toContain('whole-turn');
    expect(warned(after, stands + turn)).not.toContain('over-largest');
    expect(warned(after, stands + turn - 0.001)).not.toContain('whole-turn');
  });

  test('a stop that lies before the reading would be skipped', () => {
    const stop = sheet.stops.find(({ after: row }) => row > 3)!;
    const beyond = sheet.passes.find(({ n }) => n === stop.after + 1)!;
    const before = sheet.passes.find(({ n }) => n === stop.after)!;
    expect(warned(after, beyond.dialReading.value)).toContain('skips-check');
    expect(warned(after, before.dialReading.value)).not.toContain('skips-check');
  });

  test('what was warned of is kept with the cut, and nothing else that is sent along', () => {
    const read = readEntry(
      { kind: 'pass', plannedPass: '4', reading: '0.001', warned: 'backwards nonsense' },
      contextOf(sheet, record(after)),
    );
    expect(read).toMatchObject({ ok: true, value: { told: { warnings: ['backwards'] } } });
    for (const says of Object.values(CUT_WARNINGS)) expect(says).toMatch(/\.$/);
  });
});

test('the groove drawn is the one that the cuts have made: nothing before the first, deeper with each, neighbours alike', () => {
  const before = grooveOfRecord(sheet, record(done));
  expect(before.tool).toBeNull();
  expect(before.crestFlat).toBe(sheet.thread.pitch);
  const two = grooveOfRecord(sheet, record([...done, ...cuts(2)]));
  const five = grooveOfRecord(sheet, record([...done, ...cuts(5)]));
  expect(five.crestFlat).toBeLessThan(two.crestFlat);
  // Against the figure that the sheet gives for the same row.
  expect(five.crestFlat).toBeCloseTo(sheet.passes[4]!.crestFlat!, 4);
  expect(five.turns).toHaveLength(5 * five.profile.length);
  expect(five.turns.at(-1)!.x1 - five.turns[0]!.x0).toBeCloseTo(5 * sheet.thread.lead, 9);
});

test('the chip changes with the pass: a line, a curl, a ribbon, hair, dust', () => {
  const looks = new Set(sheet.passes.map((row) => chipLook(sheet, row)));
  expect(looks.size).toBeGreaterThanOrEqual(4);
  expect(chipLook(sheet, sheet.passes[0]!)).toMatch(/fine line/);
  const plunge = { ...sheet, feed: { ...sheet.feed, slide: 'cross-slide' as const, angleDeg: 0 } };
  expect(chipLook(plunge, sheet.passes[2]!)).toMatch(/both flanks/);
});

test('a step of the set-up that is recorded is not next again', () => {
  expect(nextAtBench(sheet, record([stepDone(sheet.steps[0]!.id)])).title).not.toBe(sheet.steps[0]!.title);
});

test('what somebody said is not copied into a summary: then the record is read', () => {
  const says = (text: string | null) => saysSomebodysWords({ ...nextAtBench(null, []), says: text });
  expect([says('Sent back: tool too low'), says('No cut before this is right.'), says(null)]).toEqual([
    true,
    false,
    false,
  ]);
});
