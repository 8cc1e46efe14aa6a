import { contextOf, cutOf, goodSteps, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { adviseOn } from '../advice/advise';
import type { EntryContent } from '../entry/kinds';
import { readEntry } from '../entry/read-entry';
import { predict } from '../state/predict';
import { comesAgain, earlierTry, readFirst } from './earlier-try';
import { presentOf } from './present';

const sheet = sheetOf();
const form = sheet.stops.find(({ check }) => check === 'form')!;
const staircase: EntryContent[] = [
  ...goodSteps(sheet),
  ...sheet.passes.slice(0, 3).map((row) => cutOf(row)),
  { kind: 'stop', stopId: form.id, answer: 'no', reading: null },
];
const scrapped = (change: string): EntryContent[] => [
  ...staircase,
  { kind: 'hand-in', how: 'scrapped', cause: 'one flank is rough', change },
];
const before = (change: string) => earlierTry(1, sheet, recordOf(scrapped(change)), true);

test('a new blank is new: only what stands on the machine may stand, and each is read again', () => {
  const ids = before('').steps.map(({ stepId }) => stepId);
  expect(ids).toEqual(expect.arrayContaining(['gearing', 'speed', 'compound', 'tool-square']));
  for (const ofBlank of ['blank', 'holding', 'run-out', 'touch-off', 'dry-run', 'travel', 'safety'])
    expect(ids).not.toContain(ofBlank);
  expect(earlierTry(1, sheet, recordOf(scrapped('')), false).steps).toEqual([]);
  const read = (stepId: string) =>
    readEntry({ kind: 'step', stepId, how: 'stands', fromTry: '1' }, contextOf(sheet, recordOf([])));
  expect(read('blank')).toMatchObject({ ok: false, issues: [{ field: 'how', code: 'conflict' }] });
  expect(read('touch-off')).toMatchObject({ ok: false });
  expect(read('tool-square')).toMatchObject({ ok: true, value: { how: 'stands', fromTry: 1 } });
});

test('what was said of it stands there, and the same fault is known when it comes again', () => {
  const earlier = before('set the compound by a protractor');
  expect(earlier).toMatchObject({
    how: 'scrapped',
    cause: 'one flank is rough',
    change: 'set the compound by a protractor',
    fault: 'staircase',
  });
  const now = (contents: readonly EntryContent[]) => adviseOn(sheet, recordOf(contents));
  expect(comesAgain(earlier, now(staircase))).toBe(true);
  expect(comesAgain(earlier, now(staircase.slice(0, -1)))).toBe(false);
  expect(comesAgain({ ...earlier, fault: null }, now([]))).toBe(false);
});

test('where nobody knows what to change, the machine is read first, from step to step', () => {
  const prediction = (...contents: EntryContent[]) => predict(sheet, recordOf(contents));
  expect(readFirst(null, prediction())).toBeNull();
  expect(readFirst(before('more oil'), prediction())).toBeNull();
  const first = readFirst(before(''), prediction());
  expect(before('').steps.map(({ stepId }) => stepId)).toContain(first);
  expect(first).not.toBe(sheet.steps[0]!.id);
  expect(presentOf(sheet, prediction(), { phase: 'set-up' }, first)).toEqual({ kind: 'step', stepId: first });
  expect(readFirst(before(''), prediction(stepDone(first!)))).not.toBe(first);
});
