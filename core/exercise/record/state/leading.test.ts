import { cutOf, goodSteps, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { floorState } from '../shown/floor-state';
import { inOrderOfWork, leadingDevice, notLookedOver } from './leading';
import { predict } from './predict';
import type { Entry } from '../entry/entry';
import type { EntryContent } from '../entry/kinds';

const sheet = sheetOf();
const [FIRST, SECOND] = ['device-1', 'device-2'];
const LEAD: EntryContent = { kind: 'lead' };
const cut = (n: number): EntryContent => cutOf(sheet.passes[n - 1]!);
const record = (...made: [string, EntryContent][]): Entry[] =>
  recordOf(made.map(([, content]) => content)).map((entry, index) => ({ ...entry, device: made[index]![0] }));

test('records made at the desk have no leader, and nothing of them is late', () => {
  const entries = recordOf([stepDone('blank'), cut(1)]);
  expect(leadingDevice(entries)).toBeNull();
  expect(notLookedOver(entries)).toEqual([]);
});

test('the last device that took the lead has it; taking it back by a strike gives it back', () => {
  const entries = record([FIRST, LEAD], [SECOND, LEAD]);
  expect(leadingDevice(entries)).toBe(SECOND);
  const struck: EntryContent = { kind: 'strike', entryId: entries[1]!.id, reason: 'mistake' };
  expect(leadingDevice([...entries, ...record([SECOND, struck])])).toBe(FIRST);
});

test('what the first device still held counts, and is flagged until a person has looked or struck it out', () => {
  const entries = record([FIRST, LEAD], [FIRST, cut(1)], [SECOND, LEAD], [SECOND, cut(2)], [FIRST, cut(3)]);
  const late = entries[4]!;
  expect(predict(sheet, entries).cuts).toHaveLength(3);
  expect(notLookedOver(entries).map(({ id }) => id)).toEqual([late.id]);
  expect(floorState(sheet, entries, predict(sheet, entries)).warnings).toContain(
    '1 late from another device: look them over',
  );
  for (const done of [
    { kind: 'looked-over', entryId: late.id },
    { kind: 'strike', entryId: late.id, reason: 'not so' },
  ] as const)
    expect(notLookedOver([...entries, ...record([SECOND, done])])).toEqual([]);
});

test('a note or a raised hand of the first device is no work, and the desk never led', () => {
  const entries = record(
    [FIRST, LEAD],
    [SECOND, LEAD],
    [FIRST, { kind: 'note', text: 'x' }],
    [FIRST, { kind: 'hand', raised: true }],
    ['desk', { kind: 'sign-off', stepId: 'instructor-look' }],
    ['desk', cut(1)],
  );
  expect(notLookedOver(entries)).toEqual([]);
});

test('whoever takes the lead again is not late any more; what came between stays flagged', () => {
  const entries = record(
    [FIRST, LEAD],
    [SECOND, LEAD],
    [FIRST, cut(1)],
    [FIRST, LEAD],
    [FIRST, cut(2)],
    [SECOND, cut(3)],
  );
  expect(notLookedOver(entries).map(({ id }) => id)).toEqual([entries[2]!.id, entries[5]!.id]);
});

test('leading alone begins nothing', () => {
  expect(predict(sheet, record([FIRST, LEAD])).state).toBe('not-begun');
});

test('where the dial stands follows the device that leads; a late cut counts for the groove, in its place', () => {
  const steps = goodSteps(sheet).map((content): [string, EntryContent] => [FIRST, content]);
  const [four, five, six] = [4, 5, 6].map((n) => cut(n));
  const before: [string, EntryContent][] = [
    [FIRST, LEAD],
    ...steps,
    ...[1, 2, 3].map((n): [string, EntryContent] => [FIRST, cut(n)]),
  ];
  const late = record(...before, [SECOND, LEAD], [SECOND, five!], [SECOND, six!], [FIRST, four!]);
  const inOrder = record(...before, [FIRST, four!], [SECOND, LEAD], [SECOND, five!], [SECOND, six!]);
  const [came, would] = [late, inOrder].map((entries) => predict(sheet, entries));
  expect(came!.reading).toEqual(sheet.passes[5]!.dialReading);
  expect(came!.next).toEqual(sheet.passes[6]);
  expect(came!.size).toEqual(would!.size);
  expect(came!.cuts.map(({ depth }) => depth)).toEqual(would!.cuts.map(({ depth }) => depth));
  expect(inOrderOfWork(inOrder)).toEqual(inOrder);
});
