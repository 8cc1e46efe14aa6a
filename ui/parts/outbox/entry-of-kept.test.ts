import { ENTRY_KINDS } from '@/core/exercise/record/entry/kinds';
import { predict } from '@/core/exercise/record/state/predict';
import { entryExamples } from '@/core/test/entry-examples';
import { goodSteps, recordOf, sheetOf } from '@/core/test/record';
import type { KeptEntry } from './bench-store';
import { entryOfKept } from './entry-of-kept';

const sheet = sheetOf();
const kept = (format: number, content: object): KeptEntry => ({
  attemptId: 1,
  sequence: 3,
  id: 'k3',
  after: 'k2',
  deviceTime: '2026-11-30T08:00:00.000Z',
  format,
  content: content as KeptEntry['content'],
  maker: { id: 2, name: 'Two', role: 'student' },
  state: 'held',
  why: null,
});

const examples = Object.entries(entryExamples(sheet)).flatMap(([kind, formats]) =>
  Object.entries(formats).map(([format, content]) => [kind, Number(format), content] as const),
);

test('every kind has its examples', () =>
  expect(new Set(examples.map(([kind]) => kind)).size).toBe(Object.keys(ENTRY_KINDS).length));

test.each(examples)(
  '%s of format %d, kept before an update, is read as today has it',
  (kind, format, content) => {
    const entry = entryOfKept(kept(format, content), 'tablet');
    expect(entry).toMatchObject({ id: 'k3', device: 'tablet', sequence: 3, author: { id: 2 }, late: false });
    expect(entry.content.kind).toBe(kind);
  },
);

test.each([
  ['of a kind that is not known', 1, { kind: 'photo', of: 'chip' }, 'photo'],
  ['of a later format', 99, { kind: 'note', text: 'x' }, 'note'],
  ['of a shape that it never had', 3, { kind: 'pass', plannedPass: {} }, 'pass'],
])('an entry %s stays in the record as unknown, and the bench goes on', (_, format, content, named) => {
  const entry = entryOfKept(kept(format, content), 'tablet');
  expect(entry.content).toMatchObject({ kind: 'unknown', named, format });
  const before = recordOf(goodSteps(sheet));
  const now = predict(sheet, [...before, entry]);
  expect(now.next).toEqual(predict(sheet, before).next);
  expect(now.unknown.map(({ id }) => id)).toEqual(['k3']);
});
