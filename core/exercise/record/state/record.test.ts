import {
  contextOf,
  cutOf,
  goodSteps,
  HANDED_IN,
  measuredAt,
  recordOf,
  sheetOf,
  stepDone,
  plannedCuts,
} from '@/core/test/record';
import { checkContent } from '../entry/check-content';
import { entryEnvelopeSchema } from '../entry/entry-envelope';
import { entryWords } from '../entry/entry-words';
import { liveEntries, type Entry } from '../entry/entry';
import { predict } from './predict';
import { readEntry } from '../entry/read-entry';
import { readStoredEntry } from '../entry/read-stored-entry';
import { summaryOf } from '../shown/summary';
import type { EntryContent } from '../entry/kinds';

const sheet = sheetOf();
const cuts = plannedCuts(sheet);
/** Set up and looked at: nothing stands in the way of a cut. */
const ready = recordOf(goodSteps(sheet)).map((entry) => ({ ...entry, id: `s${entry.id}` }));
const read = (fields: Record<string, string>, entries: readonly Entry[] = []) =>
  readEntry(fields, contextOf(sheet, [...ready, ...entries]));
const { overWires } = sheet.wires;

describe('the state follows from the record', () => {
  const final = measuredAt(sheet, overWires.target, 'final');
  const first = goodSteps(sheet)[0] as EntryContent;
  const cut = cuts[0] as EntryContent;
  test.each([
    ['not-begun', []],
    ['not-begun', [{ kind: 'note', text: 'blade is dull' }]],
    ['not-begun', [{ kind: 'lathe', sheetId: 1, name: 'Lathe 1' }]],
    ['set-up', [first]],
    ['cutting', [first, cut]],
    ['cutting', [first, cut, measuredAt(sheet, overWires.max, 'mid')]],
    ['measured', [first, cut, final]],
    ['cutting', [first, cut, final, cuts[1] as EntryContent]],
    ['waiting', [first, cut, final, HANDED_IN]],
    ['set-up', [first, cut, { kind: 'strike', entryId: 'e2', reason: 'wrong row' }]],
  ] as [string, EntryContent[]][])('%s', (state, contents) => {
    expect(predict(sheet, recordOf(contents)).state).toBe(state);
  });
  test('a mark wins, in the summary', () =>
    expect(summaryOf(sheet, [], { points: 80, passed: true })).toMatchObject({
      state: 'marked',
      points: 80,
    }));
});

describe('the next pass', () => {
  const next = (contents: EntryContent[]) => predict(sheet, recordOf(contents)).next?.n;
  test('begins with the scratch pass and follows the plan', () => {
    expect(next([])).toBe(1);
    expect(next(cuts.slice(0, 3))).toBe(4);
    expect(next(cuts)).toBeUndefined();
  });
  test('skips passes that an own, deeper reading has overtaken, but no spring pass', () => {
    const deep = sheet.passes[5]?.dialReading.value ?? 0;
    expect(next([cutOf(sheet.passes[1]!, deep)])).toBe(7);
    const bottom = sheet.passes.at(-1)?.dialReading.value ?? 0;
    const spring = sheet.passes.find((pass) => pass.kind === 'spring');
    expect(next([cutOf(sheet.passes[1]!, bottom)])).toBe(spring?.n);
  });
  test('a struck pass is cut again', () => {
    expect(next([...cuts.slice(0, 2), { kind: 'strike', entryId: 'e2', reason: 'not cut' }])).toBe(2);
  });
});

describe('the remaining feed', () => {
  const over = overWires.target + 0.006;
  const record = [...cuts.slice(0, 8), measuredAt(sheet, over, 'mid')];

  /** Closed form of the trade: radial = (M measured - M target) / 2, compound = that / cos(angle). */
  test('is half the difference over wires, and that over the cosine', () => {
    const { remaining } = predict(sheet, recordOf(record));
    expect(remaining?.radial).toBeCloseTo(0.003, 6);
    expect(remaining?.compound).toBeCloseTo(0.003 / Math.cos((29.5 * Math.PI) / 180), 6);
    const reading = sheet.passes[7]?.dialReading.value ?? 0;
    expect(remaining?.stopReading?.value).toBeCloseTo(reading + 0.003, 6);
  });

  test('shrinks by what was fed since, while the reading to stop at stays', () => {
    const fed = (sheet.passes[7]?.dialReading.value ?? 0) + 0.002;
    const more: EntryContent = cutOf(sheet.passes[8]!, fed);
    const before = predict(sheet, recordOf(record)).remaining;
    const after = predict(sheet, recordOf([...record, more])).remaining;
    expect(after?.compound).toBeCloseTo((before?.compound ?? 0) - 0.002, 9);
    expect(after?.stopReading).toEqual(before?.stopReading);
  });

  test('is negative when the thread is over-cut', () => {
    const { remaining } = predict(
      sheet,
      recordOf([...cuts, measuredAt(sheet, overWires.min - 0.001, 'mid')]),
    );
    expect(remaining?.compound).toBeLessThan(0);
  });

  test('taper is end minus start', () => {
    const tapered: EntryContent = {
      kind: 'measurement',
      purpose: 'mid',
      method: 'wires',
      evidenceId: null,
      wire: { value: sheet.wires.diameter, unit: 'in' },
      overWires: { start: over, middle: over, end: over + 0.001 },
      crest: null,
      instrument: null,
      zero: null,
      questioned: [],
    };
    expect(predict(sheet, recordOf([tapered])).remaining?.measured.taper).toBeCloseTo(0.001, 6);
  });
});

test('steps are right, wrong, done or open by their latest standing entry', () => {
  const wrongBlank: EntryContent = stepDone('blank', 0.7);
  const verdict = (contents: EntryContent[], stepId: string) =>
    predict(sheet, recordOf(contents)).steps.find(({ step }) => step.id === stepId)?.verdict;
  expect(verdict([], 'blank')).toBe('open');
  expect(verdict([wrongBlank], 'blank')).toBe('wrong');
  expect(verdict([wrongBlank, stepDone('blank', 0.7438)], 'blank')).toBe('right');
  expect(verdict([wrongBlank, { kind: 'strike', entryId: 'e1', reason: 'misread' }], 'blank')).toBe('open');
  expect(verdict([stepDone('travel', null)], 'travel')).toBe('done');
});

describe('reading an entry', () => {
  const refused: [string, Record<string, string>, string, string][] = [
    ['unknown step', { kind: 'step', stepId: 'nap' }, 'stepId', 'no such step'],
    ['value missing', { kind: 'step', stepId: 'blank', value: '' }, 'value', 'Type a length'],
    ['decimal comma', { kind: 'step', stepId: 'blank', value: '0,74' }, 'value', '0.74'],
    ['speed with words', { kind: 'step', stepId: 'speed', value: 'slow' }, 'value', 'number'],
    ['unknown pass', { kind: 'pass', plannedPass: '99' }, 'plannedPass', 'no such pass'],
    ['negative reading', { kind: 'pass', plannedPass: '1', reading: '-0.01' }, 'reading', 'from touch-off'],
    [
      'reading of another dial',
      { kind: 'pass', plannedPass: '1', reading: '1.5' },
      'reading',
      'from touch-off',
    ],
    ['no purpose', { kind: 'measurement', start: '0.76' }, 'purpose', 'mid-course'],
    ['no place', { kind: 'measurement', purpose: 'mid' }, 'start', 'one place'],
    [
      'impossible size',
      { kind: 'measurement', purpose: 'mid', start: '0.5' },
      'start',
      'Read the micrometer again',
    ],
    [
      'final without all places',
      { kind: 'measurement', purpose: 'final', start: '0.76', middle: '0.76' },
      'end',
      'three places',
    ],
    [
      'final without the crest',
      { kind: 'measurement', purpose: 'final', start: '0.76', middle: '0.76', end: '0.76' },
      'crest',
      'major diameter',
    ],
    [
      'other wires',
      { kind: 'measurement', purpose: 'mid', start: '0.76', wire: '0.1' },
      'wire',
      'those in hand',
    ],
    ['empty note', { kind: 'note', text: ' ' }, 'text', 'Type the note'],
    [
      'strike of nothing',
      { kind: 'strike', entryId: 'e9', reason: 'because' },
      'entryId',
      'not in the record',
    ],
    ['strike without reason', { kind: 'strike', entryId: 'e1', reason: '' }, 'reason', 'why'],
    ['no TPI', { kind: 'step', stepId: 'pitch-check', value: '' }, 'value', 'in TPI'],
    ['a TPI of nothing', { kind: 'step', stepId: 'pitch-check', value: '0' }, 'value', 'greater than 0'],
    ['an angle over a full turn', { kind: 'step', stepId: 'compound', value: '400' }, 'value', '0 to 360'],
    ['a blank of nothing', { kind: 'step', stepId: 'blank', value: '-0.7' }, 'value', 'greater than 0'],
    [
      'signing off what is no hold point',
      { kind: 'sign-off', stepId: 'blank' },
      'stepId',
      'no such hold point',
    ],
    [
      'a crest of another blank',
      { kind: 'measurement', purpose: 'mid', start: '0.76', crest: '0.5' },
      'crest',
      'Measure the major diameter again',
    ],
    ['confirming a hold point', { kind: 'step', stepId: 'instructor-look' }, 'stepId', 'no such step'],
  ];
  test.each(refused)('%s is refused', (_, form, field, says) => {
    const answer = read(form, recordOf(cuts.slice(0, 1)));
    expect(answer).toMatchObject({ ok: false, issues: [{ field }] });
    expect(!answer.ok && answer.issues[0]?.message).toContain(says);
  });

  test('what is only wrong for the work is recorded as it is', () => {
    expect(read({ kind: 'step', stepId: 'blank', value: '0.7' })).toMatchObject({
      ok: true,
    });
    const reversed = read({ kind: 'pass', plannedPass: '2', reading: '0.001' }, recordOf(cuts.slice(0, 1)));
    expect(reversed).toMatchObject({
      ok: true,
      value: { kind: 'pass', plannedPass: 2, reading: 0.001, asPlanned: false },
    });
  });

  test.each([
    ['pitch-check', '16 TPI', 16],
    ['pitch-check', '16', 16],
    ['compound', '29.5°', 29.5],
    ['speed', '70 rpm', 70],
    ['blank', '3/4', 0.75],
    ['blank', '18.9 mm', 18.9 / 25.4],
  ])('the step %s takes “%s”', (stepId, value, means) => {
    const answer = read({ kind: 'step', stepId, value });
    expect(answer.ok && answer.value).toMatchObject({ kind: 'step', stepId });
    expect(answer.ok && answer.value.kind === 'step' && answer.value.value).toBeCloseTo(means, 6);
  });

  test('a step without a value, a hold point, a note and a hand-in are taken as they are', () => {
    expect(read({ kind: 'step', stepId: 'travel' })).toMatchObject({
      value: stepDone('travel', null),
    });
    expect(read({ kind: 'sign-off', stepId: 'instructor-look' })).toMatchObject({
      value: { kind: 'sign-off', stepId: 'instructor-look' },
    });
    expect(read({ kind: 'note', text: '  reground ' })).toMatchObject({
      value: { kind: 'note', text: 'reground' },
    });
    expect(read({ kind: 'hand-in' })).toMatchObject({ value: HANDED_IN });
  });

  test('“cut as planned” takes the planned reading', () => {
    const answer = read({ kind: 'pass', plannedPass: '3' });
    expect(answer).toMatchObject({
      ok: true,
      value: { reading: sheet.passes[2]?.dialReading.value, asPlanned: true },
    });
  });

  test('a final measurement is complete', () => {
    const form = {
      kind: 'measurement',
      purpose: 'final',
      start: '.7595',
      middle: '0.7594',
      end: '19.29 mm',
      crest: '0.7437',
    };
    const answer = read(form);
    expect(answer.ok && answer.value).toMatchObject({
      overWires: { start: 0.7595, middle: 0.7594 },
      crest: 0.7437,
      wire: { value: sheet.wires.diameter },
    });
  });
});

test('an entry struck twice is refused, and strike-outs themselves stand', () => {
  const record = recordOf([...cuts.slice(0, 1), { kind: 'strike', entryId: 'e1', reason: 'slip' }]);
  expect(liveEntries(record)).toEqual([]);
  expect(read({ kind: 'strike', entryId: 'e1', reason: 'again' }, record)).toMatchObject({
    ok: false,
  });
});

const envelope = {
  id: '0b9f4c0e-6f0e-4c3e-8a51-0f6a3d1f0001',
  device: '0b9f4c0e-6f0e-4c3e-8a51-0f6a3d1f0002',
  sequence: 1,
  deviceTime: '2026-11-25T08:00:00Z',
  format: 2,
  content: { kind: 'note', text: 'x' },
};

test.each([
  ['2026-11-25T08:00:00Z', true],
  ['2026-11-25T08:00:00.123Z', true],
  ['2026-99-99T99:99:99Z', false],
  ['0001-01-01T00:00:00Z', false],
  ['2100-01-01T00:00:00Z', false],
  ['2026-02-28T23:59:59.5Z', true],
  ['2026-02-30T10:00:00Z', false],
  ['2026-02-28T24:00:00Z', false],
  ['yesterday', false],
])('device time %s is taken: %s', (deviceTime, taken) => {
  expect(entryEnvelopeSchema.isValidSync({ ...envelope, deviceTime })).toBe(taken);
});

test('words that can not be seen are no reason', () => {
  const record = recordOf([{ kind: 'note', text: 'first' }]);
  expect(read({ kind: 'strike', entryId: 'e1', reason: '\u200b\u200b\u200b' }, record)).toMatchObject({
    issues: [{ field: 'reason' }],
  });
  expect(read({ kind: 'note', text: ' \u2060 ' }, record)).toMatchObject({ ok: false });
});

describe('stored entries', () => {
  test('format 1 is lifted: what its envelope lacked is said', () => {
    expect(readStoredEntry(1, { kind: 'pass', plannedPass: 3, reading: 0.018, asPlanned: true })).toEqual({
      kind: 'pass',
      plannedPass: 3,
      start: 1,
      reading: 0.018,
      zero: 'touch-off',
      asPlanned: true,
      rows: null,
      drive: null,
      mark: null,
      crossSlide: null,
      compound: null,
      allTheSame: false,
      told: null,
    });
    expect(readStoredEntry(1, { kind: 'hand-in' })).toEqual(HANDED_IN);
  });
  test('a kind or a format of a later release is kept under its name', () => {
    const unknown = readStoredEntry(2, { kind: 'photo', of: 'chip' });
    expect(unknown).toEqual({ kind: 'unknown', named: 'photo', format: 2, name: null });
    expect(readStoredEntry(9, { kind: 'note', text: 'x' })).toMatchObject({ kind: 'unknown', format: 9 });
    const entry = { ...(recordOf([HANDED_IN])[0] as Entry), content: unknown };
    expect(entryWords(entry, sheet).detail).toContain('later release');
    expect(predict(sheet, [entry])).toMatchObject({ state: 'not-begun', unknown: [{ id: 'e1' }] });
  });
  test('content of a known kind that does not fit is an error', () => {
    expect(() => readStoredEntry(2, { kind: 'note', text: 5 })).toThrow('text');
  });
});

test('the server asks for the shape of a kind, and not whether it should come now', () => {
  expect(checkContent(3, { ...cuts[0], reading: 0.9, plannedPass: 77 }, null)).toMatchObject({ how: 'fits' });
  expect(checkContent(3, { ...cuts[0], reading: '0.9' }, null)).toMatchObject({
    issues: [{ field: 'content.reading' }],
  });
});

describe('a pass at no infeed in mid-course', () => {
  const [first, second, third] = cuts;
  const spring = cutOf(sheet.passes[2]!, second?.reading ?? undefined);
  test('uses up nothing: the next row keeps its infeed', () => {
    const { next, cuts: made } = predict(sheet, recordOf([first!, second!, spring]));
    expect(next?.n).toBe(3);
    expect(made.at(-1)).toMatchObject({ infeed: 0, usesRow: false });
    // Infeed is reckoned from the reading that stands.
    expect(predict(sheet, recordOf([first!, second!, spring, third!])).cuts.at(-1)?.infeed).toBeCloseTo(
      (third?.reading ?? 0) - (second?.reading ?? 0),
      9,
    );
  });
  test('uses up a row that has no infeed itself', () => {
    const all = predict(sheet, recordOf(cuts.slice(0, -1)));
    expect(all.next?.n).toBe(sheet.passes.length);
  });
});

describe('what was found at the bench', () => {
  const found = sheet.workDiameter - 0.002;
  const answer = read({ kind: 'refigure', what: 'work-diameter', value: String(found) });
  const refigure = answer.ok ? answer.value : null;
  test('a smaller blank needs less depth: the rows are refigured, the sheet stays', () => {
    if (refigure?.kind !== 'refigure') throw new Error('not read');
    expect(refigure.passes.at(-1)?.dialReading.value).toBeLessThan(
      sheet.passes.at(-1)?.dialReading.value ?? 0,
    );
    const now = predict(sheet, recordOf([refigure]));
    expect(now.passes).toEqual(refigure.passes);
    expect([now.rowsOf, now.figuredFor]).toEqual(['e1', found]);
    expect(now.cuts).toEqual([]);
    // The last row lands at the target from the real blank.
    const last = refigure.passes.at(-1)?.pitchDiameter ?? 0;
    expect(last).toBeGreaterThanOrEqual(sheet.limits.pitchDiameter.min);
    expect(last).toBeLessThanOrEqual(sheet.limits.pitchDiameter.max);
  });
  test('a cut names the rows that it followed', () => {
    if (refigure === null) throw new Error('not read');
    const cut = read({ kind: 'pass', plannedPass: '1' }, recordOf([refigure]));
    expect(cut).toMatchObject({ value: { rows: 'e1', told: { row: 1 } } });
  });
  test('a blank that leaves no thread refigures nothing', () => {
    expect(read({ kind: 'refigure', what: 'work-diameter', value: '0.6' })).toMatchObject({ ok: false });
  });
});

test('the speed is judged by the time left in the run-out, not by the figure', () => {
  const speed = (value: number) =>
    predict(sheet, recordOf([stepDone('speed', value)])).steps.find(({ step }) => step.id === 'speed')
      ?.verdict;
  // 0.188 in of groove less the tool's own 0.0535 leave 0.1345 in, 2.15 turns at 16 TPI: 1.2 s up to 107 rpm.
  expect([speed(70), speed(107), speed(108)]).toEqual(['right', 'right', 'wrong']);
});

test('late entries stay in the record and make no state', () => {
  const record = recordOf(cuts.slice(0, 2)).map((entry, index) => ({ ...entry, late: index === 1 }));
  expect(predict(sheet, record).cuts).toHaveLength(1);
  expect(liveEntries(record)).toHaveLength(1);
});

test('the lathe can be changed until the first cut', () => {
  const choice = { kind: 'lathe', sheetId: '7', name: 'Lathe 2' };
  expect(read(choice)).toMatchObject({ value: { kind: 'lathe', sheetId: 7, name: 'Lathe 2' } });
  expect(read(choice, recordOf(cuts.slice(0, 1)))).toMatchObject({ issues: [{ field: 'sheetId' }] });
});
