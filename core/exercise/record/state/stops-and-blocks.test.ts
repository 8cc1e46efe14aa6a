import { cutOf, goodSteps, measuredAt, plannedWork, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { predict } from './predict';
import { rowsFromLog } from './rows-from-log';
import type { EntryContent } from '../entry/kinds';

const sheet = sheetOf({
  'schedule.school': 'own',
  'schedule.rows.0.kind': 'scratch',
  'schedule.rows.0.infeed': '0.002',
  'schedule.rows.1.kind': 'rough',
  'schedule.rows.1.infeed': '0.020',
  'schedule.rows.1.drive': 'reversing',
  'schedule.rows.2.what': 'stop',
  'schedule.rows.2.check': 'form',
  'schedule.rows.3.kind': 'rough',
  'schedule.rows.3.infeed': '0.020',
  'schedule.rows.4.what': 'stop',
  'schedule.rows.4.check': 'nut',
  'schedule.rows.4.hold': 'yes',
  'schedule.rows.5.kind': 'finish',
  'schedule.rows.5.infeed': '0.003',
  'proof.evidence.0.kind': 'nut',
  'proof.evidence.0.nut': '2B',
});
const [scratch, first, second, third] = sheet.passes;
const [form, nut] = sheet.stops;
const after = (...contents: EntryContent[]) => predict(sheet, recordOf([...goodSteps(sheet), ...contents]));
const cut = (pass: typeof scratch, reading?: number) => cutOf(pass!, reading);
const answered = (stop: typeof form, answer: 'yes' | 'no' | 'passed-over'): EntryContent => ({
  kind: 'stop',
  stopId: stop?.id ?? '',
  answer,
  reading: null,
});
const tried = (answer: 'tight' | 'free'): EntryContent => ({
  kind: 'trial',
  purpose: 'mid',
  evidenceId: sheet.proof[0]?.id ?? '',
  stopId: nut?.id ?? null,
  answer,
  end: 'both',
  toShoulder: null,
  crest: null,
  reading: null,
});
const states = (...contents: EntryContent[]) => after(...contents).stops.map(({ state }) => state);

test('an own table stands as it was typed, its stops behind their cuts', () => {
  expect(sheet.passes.map(({ dialReading }) => dialReading.value)).toEqual([0.002, 0.022, 0.042, 0.045]);
  expect(sheet.stops.map(({ check, after: n }) => [check, n])).toEqual([
    ['form', 2],
    ['nut', 3],
  ]);
  expect(sheet.passes.map(({ drive }) => drive)).toEqual([null, 'reversing', null, null]);
});

describe('a stop', () => {
  test('lies ahead, is due behind its cut, is kept by an answer', () => {
    expect(states(cut(scratch))).toEqual(['ahead', 'ahead']);
    expect(states(cut(scratch), cut(first))).toEqual(['due', 'ahead']);
    expect(states(cut(scratch), cut(first), answered(form, 'no'))).toEqual(['kept', 'ahead']);
  });
  test('is passed over by a deeper cut, or when it is said so', () => {
    expect(states(cut(scratch), cut(first), cut(second))[0]).toBe('passed-over');
    expect(states(cut(scratch), cut(first), answered(form, 'passed-over'))[0]).toBe('passed-over');
  });
  test('a cut that overtakes its row makes it due too', () =>
    expect(states(cut(scratch), cut(first, 0.03))[0]).toBe('due'));
  test('a row of an own table is asked once, one “from here on” after every cut until it says enough', () => {
    const tight = [cut(scratch), cut(first), answered(form, 'yes'), cut(second), tried('tight')];
    expect(states(...tight, cut(third))[1]).toBe('kept');
    const onward = { ...sheet, stops: sheet.stops.map((stop) => ({ ...stop, onward: true })) };
    const state = (...contents: EntryContent[]) => predict(onward, recordOf(contents)).stops[1]?.state;
    expect(state(...tight)).toBe('kept');
    expect(state(...tight, cut(third))).toBe('due');
    expect(state(...tight, cut(third), tried('free'))).toBe('kept');
  });
  test('an answer before the stop is reached is no answer to it', () =>
    expect(states(cut(scratch), tried('tight'), cut(first), cut(second))[1]).toBe('due'));
});

describe('what stands in the way of a cut', () => {
  const blocks = (...contents: EntryContent[]) =>
    predict(sheet, recordOf(contents)).blocks.map(({ kind, id }) => `${kind} ${id}`);
  const good = goodSteps(sheet);
  const without = (id: string) => good.filter((entry) => !('stepId' in entry) || entry.stepId !== id);
  test('nothing once the set-up is right and looked at', () => expect(blocks(...good)).toEqual([]));
  test('the instructor’s look, until it is recorded', () =>
    expect(blocks(...without('instructor-look'))).toEqual(['hold instructor-look']));
  test('60 for the compound', () => {
    expect(blocks(...good, stepDone('compound', 60))).toEqual(['wrong compound']);
    expect(blocks(...good, stepDone('compound', 60), stepDone('compound', 29.5))).toEqual([]);
  });
  test('a safety line that was left open', () =>
    expect(blocks(...without('safety'))).toContain('open-critical safety'));
  test('a hold point of the schedule binds once it is reached, until somebody has looked', () => {
    const reached = [...good, cut(scratch), cut(first), cut(second)];
    expect(blocks(...reached)).toEqual([`hold ${nut?.id}`]);
    expect(blocks(...reached, { kind: 'sign-off', stepId: nut?.id ?? '' })).toEqual([]);
  });
});

test('“until the nut goes” ends when it goes, whatever is left of the count', () => {
  const until = sheetOf({
    'infeed.way': 'plunge',
    'schedule.school': 'until',
    'schedule.largest': '0.003',
    'schedule.until': 'nut',
    'schedule.atMost': '30',
    'proof.evidence.0.kind': 'nut',
    'proof.evidence.0.nut': '2B',
  });
  const [one, two] = until.passes;
  const record = (answer: 'tight' | 'free') =>
    predict(
      until,
      recordOf([
        ...goodSteps(until),
        cutOf(one!),
        cutOf(two!),
        { ...tried(answer), evidenceId: until.proof[0]?.id ?? '', stopId: null } as EntryContent,
      ]),
    );
  expect(record('tight').next?.n).toBe(3);
  expect(record('free').next).toBeNull();
});

describe('the log becomes a table', () => {
  test('cuts with their drive, stops that were kept, at the reading that was really fed', () => {
    const { cuts, stops } = after(
      cut(scratch),
      { ...cut(first, 0.025), drive: 'reversing' },
      answered(form, 'yes'),
      { ...cut(second, 0.025), drive: 'half-nut' },
      { ...cut(third), reading: null },
    );
    expect(
      rowsFromLog(sheet, { cuts, stops }).map(({ what, kind, infeed, check, drive }) =>
        what === 'stop' ? check : `${kind} ${infeed} ${drive}`.trim(),
      ),
    ).toEqual(['scratch 0.002 in', 'rough 0.023 in reversing', 'form', 'spring  half-nut']);
  });
});

describe('steps', () => {
  const step = (id: string, content: Partial<Extract<EntryContent, { kind: 'step' }>>) =>
    predict(sheet, recordOf([{ ...stepDone(id), ...content }])).steps.find(
      (progress) => progress.step.id === id,
    )?.verdict;
  test('not done is told, and is neither right nor wrong', () =>
    expect(step('travel', { how: 'not-done', said: 'no room' })).toBe('not-done'));
  test('a speed is judged by the time that it leaves', () => {
    const { limit, reactionSeconds } = sheet.speed;
    const most = (60 * (limit.usable ?? NaN)) / sheet.thread.lead / reactionSeconds;
    expect(step('speed', { value: Math.floor(most) })).toBe('right');
    expect(step('speed', { value: Math.ceil(most) + 1 })).toBe('wrong');
  });
  test('an order is right in one order only, a count from so many on', () => {
    const own = sheetOf({
      'steps.0.id': 'own-1',
      'steps.0.title': 'In which order?',
      'steps.0.evidence': 'order',
      'steps.0.choices': 'clear; stop; reverse',
      'steps.1.id': 'own-2',
      'steps.1.title': 'Clean catches',
      'steps.1.evidence': 'counted',
      'steps.1.times': '3',
    });
    const verdict = (id: string, content: object) =>
      predict(own, recordOf([{ ...stepDone(id), ...content }])).steps.find(
        (progress) => progress.step.id === id,
      )?.verdict;
    expect(verdict('own-1', { choice: 'clear;stop;reverse' })).toBe('right');
    expect(verdict('own-1', { choice: 'stop;clear;reverse' })).toBe('wrong');
    expect(verdict('own-2', { count: 2 })).toBe('wrong');
    expect(verdict('own-2', { count: 3 })).toBe('right');
  });
});

test('work as planned leaves nothing due, ahead or in the way', () => {
  const usual = sheetOf();
  const { stops, blocks, next, due } = predict(
    usual,
    recordOf([
      ...goodSteps(usual),
      ...plannedWork(usual),
      measuredAt(usual, usual.wires.overWires.target, 'final'),
    ]),
  );
  expect(stops.every(({ state }) => state === 'kept')).toBe(true);
  expect([blocks, next, due]).toEqual([[], null, null]);
});
