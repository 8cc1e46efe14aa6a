import {
  contextOf,
  cutOf,
  goodSteps,
  HANDED_IN,
  happened,
  recordOf,
  sheetOf,
  stepDone,
} from '@/core/test/record';
import { floorState } from './floor-state';
import { predict } from '../state/predict';
import { readEntry } from '../entry/read-entry';
import type { Entry, Role } from '../entry/entry';
import type { EntryContent } from '../entry/kinds';

const sheet = sheetOf();
const hold = sheet.steps.find(({ kind }) => kind === 'sign-off')!;
/** Every step before the hold point, as it should be. */
const before = goodSteps(sheet).slice(0, sheet.steps.indexOf(hold));

const by = (role: Role, contents: EntryContent[]): Entry[] => recordOf(contents, role);
/** One record out of what several wrote, in this order. */
const joined = (...parts: Entry[][]): Entry[] =>
  parts.flat().map((entry, index) => ({
    ...entry,
    id: `e${index + 1}`,
    serverTime: new Date(Date.UTC(2026, 8, 1, 8, index)).toISOString(),
  }));
const at = (minute: number) => new Date(Date.UTC(2026, 8, 1, 8, minute)).toISOString();
const floorOf = (entries: Entry[]) => floorState(sheet, entries, predict(sheet, entries));
const HAND = { kind: 'hand', raised: true } as const;
const DOWN = { kind: 'hand', raised: false } as const;
const BACK = { kind: 'sent-back', stepId: hold.id, reason: 'mind the gloves', stands: null } as const;
const SIGNED = { kind: 'sign-off', stepId: hold.id } as const;

test('before the hold point is reached nobody waits', () => {
  expect(floorOf([])).toEqual({
    waits: null,
    stage: 'Not begun',
    stageSince: null,
    last: null,
    warnings: [],
  });
  const floor = floorOf(joined(by('student', before.slice(0, 3))));
  expect(floor.waits).toBeNull();
  expect(floor.stage).toBe(`Set-up: ${sheet.steps[3]!.title}`);
  expect(floor.stageSince).toBe(at(2));
});

test('whoever has reached the hold point waits since the last work, not since the last word', () => {
  const entries = joined(by('student', before), by('student', [{ kind: 'note', text: 'ready' }]));
  const { waits, last } = floorOf(entries);
  expect(waits).toEqual({ kind: 'hold', id: hold.id, title: hold.title, since: at(before.length - 1) });
  // What a person said stays in the record.
  expect(last).toEqual({ title: 'Note', detail: '', at: at(before.length) });
});

test('signed off, the waiting ends; sent back, too, until something is done or a hand is raised', () => {
  const reached = by('student', before);
  expect(floorOf(joined(reached, by('helper', [SIGNED]))).waits).toBeNull();
  const back = floorOf(joined(reached, by('instructor', [BACK])));
  expect(back.waits).toBeNull();
  expect(back.warnings).toContain(`${hold.title}: sent back`);
  const again = [...reached, ...by('instructor', [BACK]), ...by('student', [before.at(-1)!])];
  expect(floorOf(joined(again)).waits).toMatchObject({ kind: 'hold', since: at(before.length + 1) });
  const raised = joined(reached, by('instructor', [BACK]), by('student', [HAND]));
  expect(floorOf(raised).waits).toMatchObject({ kind: 'hand' });
});

test('what was signed and is then sent back is open again', () => {
  const entries = joined(by('student', before), by('instructor', [SIGNED, BACK]));
  const { steps, blocks } = predict(sheet, entries);
  expect(steps.find(({ step }) => step.id === hold.id)).toMatchObject({ signed: false, verdict: 'open' });
  expect(blocks).toContainEqual(expect.objectContaining({ kind: 'hold', id: hold.id }));
  const signedAgain = joined(by('student', before), by('instructor', [SIGNED, BACK, SIGNED]));
  expect(predict(sheet, signedAgain).steps.find(({ step }) => step.id === hold.id)).toMatchObject({
    signed: true,
    sentBack: null,
    verdict: 'done',
  });
});

test('a hand stands before a hold point, and goes down again', () => {
  const entries = joined(by('student', [HAND]));
  expect(floorOf(entries)).toMatchObject({ waits: { kind: 'hand', since: at(0) }, stage: 'Not begun' });
  expect(floorOf(joined(by('student', [HAND]), by('helper', [DOWN]))).waits).toBeNull();
});

test('what whoever walks by should know', () => {
  const wrong = stepDone('compound', 60);
  const cut = cutOf(sheet.passes[0]!);
  const told = { row: 1, reading: 0, remaining: null, warnings: ['wrong:compound'] };
  const entries = joined(by('student', [wrong, { ...cut, told }]));
  const { warnings, stage } = floorOf(entries);
  expect(warnings.slice(0, 2)).toEqual([expect.stringMatching(/is the complement/), 'Cut all the same']);
  expect(stage).toBe(`Pass 1 of ${sheet.passes.length}`);
  expect(floorOf(joined(by('student', [HANDED_IN]))).waits).toMatchObject({ kind: 'mark' });
});

test('a reason is said, and belongs to a hold point of the plan', () => {
  const context = contextOf(sheet);
  const read = (stepId: string, reason: string) => readEntry({ kind: 'sent-back', stepId, reason }, context);
  expect(read(hold.id, ' mind the gloves ')).toEqual({ ok: true, value: BACK });
  expect(read(hold.id, '-')).toMatchObject({ ok: false, issues: [{ field: 'reason' }] });
  expect(read('blank', 'mend it')).toMatchObject({ ok: false, issues: [{ field: 'stepId' }] });
});

test('a stop that was sent back does not wait on, and says why where the cut is kept back', () => {
  const stopped = sheetOf({
    'schedule.stops.0.check': 'look',
    'schedule.stops.0.after': '1',
    'schedule.stops.0.hold': 'yes',
  });
  const stop = stopped.stops.find(({ hold: held }) => held)!;
  const cut = cutOf(stopped.passes.find(({ n }) => n === stop.after)!);
  const look = { kind: 'stop', stopId: stop.id, answer: 'done', reading: null } as const;
  const done = by('student', [...goodSteps(stopped).filter(({ kind }) => kind === 'step'), cut, look]);
  const first = by('instructor', [SIGNED]);
  const waits = (entries: Entry[]) => floorState(stopped, entries, predict(stopped, entries)).waits;
  expect(waits(joined(first, done))).toMatchObject({ kind: 'hold', id: stop.id });
  const back = by('instructor', [{ kind: 'sent-back', stepId: stop.id, reason: 'look again', stands: null }]);
  expect(waits(joined(first, done, back))).toBeNull();
  expect(predict(stopped, joined(first, done, back)).blocks).toContainEqual(
    expect.objectContaining({ id: stop.id, sentBack: 'look again' }),
  );
  expect(waits(joined(first, done, back, by('student', [look])))).toMatchObject({
    kind: 'hold',
    id: stop.id,
  });
});

test('the stage is what the advice says where the count of cuts says too little', () => {
  const stage = (contents: EntryContent[]) =>
    floorOf(by('student', [...goodSteps(sheet), ...contents])).stage;
  const five = sheet.passes.slice(0, 5).map((row) => cutOf(row));
  expect(stage(five)).toBe(`Pass 5 of ${sheet.passes.length}`);
  expect(stage([...five, happened('tip-broke')])).toBe('New zeros first');
  expect(stage(sheet.passes.map((row) => cutOf(row)))).toBe('Proof open');
});
