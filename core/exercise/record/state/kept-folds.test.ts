import { obey } from '@/core/test/obeyed/obey';
import { cutOf, goodSteps, happened, measuredAt, recordOf, sheetOf, stepDone } from '@/core/test/record';
import { randomFrom } from '@/core/base/chance/random';
import { doItem } from '@/core/outside/story/story-item';
import { sheetOfStory, type StoryPlan } from '@/core/outside/story/story-plan';
import { StoryRecord } from '@/core/outside/story/story-record';
import { withHeldBack } from '../../sheet/held-back';
import type { Sheet } from '../../sheet/sheet';
import type { Entry } from '../entry/entry';
import type { EntryContent } from '../entry/kinds';
import { summaryOf } from '../shown/summary';
import { grooveOfRecord } from './groove-of-record';
import { predict } from './predict';

/** The same record, of which nobody has gone through anything. */
const anew = (entries: readonly Entry[]) => entries.map((entry) => ({ ...entry }));
const told = (sheet: Sheet, entries: readonly Entry[]) => {
  const { thread, ...groove } = grooveOfRecord(sheet, entries);
  return [predict(sheet, entries), groove, thread.poses, thread.passes, summaryOf(sheet, entries, null)];
};
const expectAsAnew = (sheet: Sheet, entries: readonly Entry[]) =>
  expect(told(sheet, entries)).toEqual(told(sheet, anew(entries)));

function entryOf(content: EntryContent, id: string, like: Entry): Entry {
  return { ...like, id, content };
}

/** Grows a record entry by entry, and now and then strikes out any that stands; calls back after each. */
function grown(
  all: readonly Entry[],
  random: () => number,
  each: (entries: Entry[], struck: boolean) => void,
) {
  const entries: Entry[] = [];
  for (const [index, entry] of all.entries()) {
    entries.push(entry);
    const target = entries[Math.floor(random() * entries.length)];
    const strikes = random() < 0.08 && target !== undefined && target.content.kind !== 'strike';
    if (strikes)
      entries.push(entryOf({ kind: 'strike', entryId: target.id, reason: 'x' }, `s${index}`, entry));
    each([...entries], strikes);
  }
}

test.each(Array.from({ length: 10 }, (_, seed) => seed + 1))(
  'entry by entry, struck out at random, it says what the whole says: story %s',
  (seed) => {
    const { request, story } = obey(seed);
    const sheet = sheetOfStory(request as unknown as StoryPlan);
    if (!sheet.ok) return;
    const record = new StoryRecord(sheet.value, 'student');
    for (const item of story) doItem(record, item);
    const random = randomFrom(seed);
    grown(record.entries, random, (entries, struck) => {
      if (struck || random() < 0.2) expectAsAnew(sheet.value, entries);
    });
    expectAsAnew(sheet.value, record.entries);
  },
);

test('where the sheet is silent of the compound, an entry of it is told otherwise once another follows', () => {
  const sheet = withHeldBack(sheetOf(), ['compound']);
  const cuts = sheet.passes.slice(0, 4).map((row) => cutOf(row));
  const steps = goodSteps(sheet).filter((step) => step.kind !== 'step' || step.stepId !== 'compound');
  const all = recordOf([...steps, stepDone('compound', 15), ...cuts, stepDone('compound', 29.5), ...cuts]);
  for (let length = 1; length <= all.length; length += 1) expectAsAnew(sheet, all.slice(0, length));
});

describe('a long record', () => {
  const sheet = sheetOf();
  const steps = goodSteps(sheet).slice(0, -2);
  const random = randomFrom(7);
  const contents: EntryContent[] = [
    ...steps,
    ...Array.from({ length: 330 }, (_, index): EntryContent => {
      const row = sheet.passes[Math.floor(index / 24) % sheet.passes.length]!;
      const what = random();
      if (what < 0.04) return measuredAt(sheet, sheet.wires.overWires.target + 0.01 * random(), 'mid');
      if (what < 0.06) return happened('zero-lost', { uncertainty: 0.001 });
      if (what < 0.08) return happened('crests-filed', { value: 0.743 });
      return { ...cutOf(row, row.dialReading.value), mark: what < 0.3 ? '1' : null };
    }),
  ];
  const all = recordOf(contents);

  test('goes on from what was kept, across the states each 64 entries', () => {
    for (let length = 1; length <= all.length; length += 1) {
      predict(sheet, all.slice(0, length));
      if (length % 41 === 0 || length === all.length) expectAsAnew(sheet, all.slice(0, length));
    }
  });

  test.each([3, 20, 63, 64, 65, 127, 200, 345])('one struck out at place %s', (place) => {
    predict(sheet, all);
    const target = all[place]!;
    const strike = entryOf({ kind: 'strike', entryId: target.id, reason: 'x' }, 's', all.at(-1)!);
    expectAsAnew(sheet, [...all, strike]);
    // And the record without it is what it was.
    expectAsAnew(sheet, all);
  });

  test('what a device still held stands further up than where it came', () => {
    const lead = (device: string, id: string): Entry => ({
      ...entryOf({ kind: 'lead' }, id, all[0]!),
      device,
    });
    const by = (device: string, entries: readonly Entry[]) => entries.map((entry) => ({ ...entry, device }));
    const [first, held, later] = [all.slice(0, 150), all.slice(150, 160), all.slice(160, 240)];
    const record = [
      lead('one', 'l1'),
      ...by('one', first),
      lead('two', 'l2'),
      ...by('two', later),
      ...by('one', held),
    ];
    for (let length = 1; length <= record.length; length += 1) {
      predict(sheet, record.slice(0, length));
      if (length > record.length - 12) expectAsAnew(sheet, record.slice(0, length));
    }
  });

  test('another sheet, another way of taking the zero: nothing of the kept is taken', () => {
    const other = sheetOf({ 'tool.tip.flat': '0.0060' });
    predict(sheet, all);
    expectAsAnew(other, all);
    const paper = all.map((entry) =>
      entry.content.kind === 'step' && entry.content.stepId === 'touch-off'
        ? { ...entry, content: { ...entry.content, choice: 'paper', value: 0.003 } }
        : entry,
    );
    expectAsAnew(sheet, paper);
    expectAsAnew(sheet, all);
  });
});
