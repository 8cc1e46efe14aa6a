import { goodSteps, measuredAt, planFor, plannedCuts, recordOf } from '../test/record';
import {
  attemptState,
  deriveAttempt,
  entryFormSchema,
  liveEntries,
  readEntry,
  type EntryContent,
} from './index';

const derived = planFor({});
const cuts = plannedCuts(derived);

describe('the state follows from the record', () => {
  const final = measuredAt(derived, derived.overWires.target, 'final');
  const first = goodSteps(derived)[0] as EntryContent;
  const cut = cuts[0] as EntryContent;
  test.each([
    ['not-begun', []],
    ['not-begun', [{ kind: 'note', text: 'blade is dull' }]],
    ['set-up', [first]],
    ['cutting', [first, cut]],
    ['cutting', [first, cut, measuredAt(derived, derived.overWires.max, 'mid')]],
    ['measured', [first, cut, final]],
    ['cutting', [first, cut, final, cuts[1] as EntryContent]],
    ['waiting', [first, cut, final, { kind: 'hand-in' }]],
    ['set-up', [first, cut, { kind: 'strike', entryId: 'e2', reason: 'wrong row' }]],
  ] as [string, EntryContent[]][])('%s', (state, contents) => {
    expect(attemptState(recordOf(contents), false)).toBe(state);
  });
  test('marked wins', () => expect(attemptState([], true)).toBe('marked'));
});

describe('the next pass', () => {
  const next = (contents: EntryContent[]) => deriveAttempt(derived, recordOf(contents), false).next?.n;
  test('begins with the scratch pass and follows the plan', () => {
    expect(next([])).toBe(1);
    expect(next(cuts.slice(0, 3))).toBe(4);
    expect(next(cuts)).toBeUndefined();
  });
  test('skips passes that an own, deeper reading has overtaken, but no spring pass', () => {
    const deep = derived.passes[5]?.dialReading.value ?? 0;
    expect(next([{ kind: 'pass', plannedPass: 2, reading: deep, asPlanned: false }])).toBe(7);
    const bottom = derived.passes.at(-1)?.dialReading.value ?? 0;
    const spring = derived.passes.find((pass) => pass.kind === 'spring');
    expect(next([{ kind: 'pass', plannedPass: 2, reading: bottom, asPlanned: false }])).toBe(spring?.n);
  });
  test('a struck pass is cut again', () => {
    expect(next([...cuts.slice(0, 2), { kind: 'strike', entryId: 'e2', reason: 'not cut' }])).toBe(2);
  });
});

describe('the remaining feed', () => {
  const over = derived.overWires.target + 0.006;
  const record = [...cuts.slice(0, 8), measuredAt(derived, over, 'mid')];

  /** Closed form of the trade: radial = (M measured - M target) / 2, compound = that / cos(angle). */
  test('is half the difference over wires, and that over the cosine', () => {
    const { remaining } = deriveAttempt(derived, recordOf(record), false);
    expect(remaining?.radial).toBeCloseTo(0.003, 6);
    expect(remaining?.compound).toBeCloseTo(0.003 / Math.cos((29.5 * Math.PI) / 180), 6);
    const reading = derived.passes[7]?.dialReading.value ?? 0;
    expect(remaining?.stopReading?.value).toBeCloseTo(reading + 0.003, 6);
  });

  test('shrinks by what was fed since, while the reading to stop at stays', () => {
    const fed = (derived.passes[7]?.dialReading.value ?? 0) + 0.002;
    const more: EntryContent = { kind: 'pass', plannedPass: 9, reading: fed, asPlanned: false };
    const before = deriveAttempt(derived, recordOf(record), false).remaining;
    const after = deriveAttempt(derived, recordOf([...record, more]), false).remaining;
    expect(after?.compound).toBeCloseTo((before?.compound ?? 0) - 0.002, 9);
    expect(after?.stopReading).toEqual(before?.stopReading);
  });

  test('is negative when the thread is over-cut', () => {
    const { remaining } = deriveAttempt(
      derived,
      recordOf([...cuts, measuredAt(derived, derived.overWires.min - 0.001, 'mid')]),
      false,
    );
    expect(remaining?.compound).toBeLessThan(0);
  });

  test('taper is end minus start', () => {
    const tapered: EntryContent = {
      kind: 'measurement',
      purpose: 'mid',
      wire: { value: derived.wire, unit: 'in' },
      overWires: { start: over, middle: over, end: over + 0.001 },
      crest: null,
    };
    expect(deriveAttempt(derived, recordOf([tapered]), false).remaining?.measured.taper).toBeCloseTo(
      0.001,
      6,
    );
  });
});

test('steps are right, wrong, done or open by their latest standing entry', () => {
  const wrongBlank: EntryContent = { kind: 'step', stepId: 'blank', value: 0.7 };
  const verdict = (contents: EntryContent[], stepId: string) =>
    deriveAttempt(derived, recordOf(contents), false).steps.find(({ step }) => step.id === stepId)?.verdict;
  expect(verdict([], 'blank')).toBe('open');
  expect(verdict([wrongBlank], 'blank')).toBe('wrong');
  expect(verdict([wrongBlank, { kind: 'step', stepId: 'blank', value: 0.7438 }], 'blank')).toBe('right');
  expect(verdict([wrongBlank, { kind: 'strike', entryId: 'e1', reason: 'misread' }], 'blank')).toBe('open');
  expect(verdict([{ kind: 'step', stepId: 'travel', value: null }], 'travel')).toBe('done');
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
    ['no TPI', { kind: 'step', stepId: 'gearing', value: '' }, 'value', 'in TPI'],
    ['a TPI of nothing', { kind: 'step', stepId: 'gearing', value: '0' }, 'value', 'greater than 0'],
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
    const read = readEntry(form as never, derived, recordOf(cuts.slice(0, 1)));
    expect(read).toMatchObject({ ok: false, issues: [{ field }] });
    expect(!read.ok && read.issues[0]?.message).toContain(says);
  });

  test('what is only wrong for the work is recorded as it is', () => {
    expect(readEntry({ kind: 'step', stepId: 'blank', value: '0.7' }, derived, [])).toMatchObject({
      ok: true,
    });
    const reversed = readEntry(
      { kind: 'pass', plannedPass: '2', reading: '0.001' },
      derived,
      recordOf(cuts.slice(0, 1)),
    );
    expect(reversed).toEqual({
      ok: true,
      value: { kind: 'pass', plannedPass: 2, reading: 0.001, asPlanned: false },
    });
  });

  test.each([
    ['gearing', '16 TPI', 16],
    ['gearing', '16', 16],
    ['compound', '29.5°', 29.5],
    ['speed', '70 rpm', 70],
    ['blank', '3/4', 0.75],
    ['blank', '18.9 mm', 18.9 / 25.4],
  ])('the step %s takes “%s”', (stepId, value, means) => {
    const read = readEntry({ kind: 'step', stepId, value }, derived, []);
    expect(read.ok && read.value).toMatchObject({ kind: 'step', stepId });
    expect(read.ok && read.value.kind === 'step' && read.value.value).toBeCloseTo(means, 6);
  });

  test('a step without a value, a hold point, a note and a hand-in are taken as they are', () => {
    expect(readEntry({ kind: 'step', stepId: 'travel' }, derived, [])).toMatchObject({
      value: { kind: 'step', stepId: 'travel', value: null },
    });
    expect(readEntry({ kind: 'sign-off', stepId: 'instructor-look' }, derived, [])).toMatchObject({
      value: { kind: 'sign-off', stepId: 'instructor-look' },
    });
    expect(readEntry({ kind: 'note', text: '  reground ' }, derived, [])).toMatchObject({
      value: { kind: 'note', text: 'reground' },
    });
    expect(readEntry({ kind: 'hand-in' }, derived, [])).toMatchObject({ value: { kind: 'hand-in' } });
  });

  test('“cut as planned” takes the planned reading', () => {
    const read = readEntry({ kind: 'pass', plannedPass: '3' }, derived, []);
    expect(read).toMatchObject({
      ok: true,
      value: { reading: derived.passes[2]?.dialReading.value, asPlanned: true },
    });
  });

  test('a final measurement is complete', () => {
    const form = {
      kind: 'measurement' as const,
      purpose: 'final',
      start: '.7595',
      middle: '0.7594',
      end: '19.29 mm',
      crest: '0.7437',
    };
    const read = readEntry(form, derived, []);
    expect(read.ok && read.value).toMatchObject({
      overWires: { start: 0.7595, middle: 0.7594 },
      crest: 0.7437,
      wire: { value: derived.wire },
    });
  });
});

test('an entry struck twice is refused, and strike-outs themselves stand', () => {
  const record = recordOf([...cuts.slice(0, 1), { kind: 'strike', entryId: 'e1', reason: 'slip' }]);
  expect(liveEntries(record)).toEqual([]);
  expect(readEntry({ kind: 'strike', entryId: 'e1', reason: 'again' }, derived, record)).toMatchObject({
    ok: false,
  });
});

test.each([
  ['2026-11-25T08:00:00Z', true],
  ['2026-11-25T08:00:00.123Z', true],
  ['2026-99-99T99:99:99Z', false],
  ['0001-01-01T00:00:00Z', false],
  ['2100-01-01T00:00:00Z', false],
  ['yesterday', false],
])('device time %s is taken: %s', (deviceTime, taken) => {
  const entry = { id: '0b9f4c0e-6f0e-4c3e-8a51-0f6a3d1f0001', kind: 'note', text: 'x', deviceTime };
  expect(entryFormSchema.isValidSync(entry)).toBe(taken);
});

test('words that can not be seen are no reason, and a day that does not exist is no time', () => {
  const derived = planFor({});
  const record = recordOf([{ kind: 'note', text: 'first' }]);
  const strike = { kind: 'strike' as const, entryId: 'e1' };
  expect(readEntry({ ...strike, reason: '\u200b\u200b\u200b' }, derived, record)).toMatchObject({
    issues: [{ field: 'reason' }],
  });
  expect(readEntry({ kind: 'note', text: ' \u2060 ' }, derived, record)).toMatchObject({ ok: false });
  const time = (deviceTime: string) =>
    entryFormSchema.isValidSync({ id: '0d5cb4f6-0b3c-4c1a-9a52-6d3c2f1f9d10', kind: 'hand-in', deviceTime });
  expect(time('2026-02-28T23:59:59.5Z')).toBe(true);
  expect(time('2026-02-30T10:00:00Z')).toBe(false);
  expect(time('2026-02-28T24:00:00Z')).toBe(false);
});
