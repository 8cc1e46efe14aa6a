import { documentReader, UnreadableDocument } from './document';
import { figure, header, listOf, namedOrUnknown, part, words } from './parts';

/** A made-up kind of document in its third version, the first of which carried no format. */
const read = documentReader({
  format: 'oyakata-try',
  version: 3,
  schema: part({ ...header('oyakata-try', 3), name: words(10), length: figure(0) }),
  lifts: {
    1: (older) => ({
      format: 'oyakata-try',
      version: 2,
      name: (older.title as string).trim(),
      length: older.length,
    }),
    2: (older) => ({ ...older, version: 3, length: Number(older.length) * 2 }),
  },
  withoutFormat: 1,
});

test('older versions are lifted step by step', () => {
  expect(read({ title: 'a', length: 2 })).toEqual({
    format: 'oyakata-try',
    version: 3,
    name: 'a',
    length: 4,
  });
  expect(read({ format: 'oyakata-try', version: 2, name: 'b', length: 5 }).length).toBe(10);
  expect(read({ format: 'oyakata-try', version: 3, name: 'c', length: 5 }).length).toBe(5);
});

test.each([
  [{ format: 'oyakata-try', version: 4 }, 'later-version', 'reads up to version 3'],
  [{ format: 'other', version: 3 }, 'other-format', 'not oyakata-try'],
  [{ format: 'oyakata-try', version: 'x' }, 'broken', 'no version'],
  [{ format: 'oyakata-try', version: 3, name: 'c', length: '5' }, 'broken', 'length'],
  [{ format: 'oyakata-try', version: 3, name: 'c', length: 5, more: 1 }, 'broken', 'more'],
  [{ nothing: 'of version 1' }, 'broken', 'shape of that version'],
  [null, 'not-a-document', 'no oyakata-try'],
  [[1], 'not-a-document', 'no oyakata-try'],
])('%j is refused: %s', (stored, reason, says) => {
  try {
    read(stored);
    throw new Error('was read');
  } catch (error) {
    expect(error).toBeInstanceOf(UnreadableDocument);
    expect((error as UnreadableDocument).reason).toBe(reason);
    expect((error as UnreadableDocument).message).toContain(says);
  }
});

describe('names that a later release has added to a list', () => {
  const kinds = ['nut', 'wires'] as const;
  const readNames = documentReader({
    format: 'oyakata-names',
    version: 1,
    schema: part({
      ...header('oyakata-names', 1),
      held: part({ by: namedOrUnknown(kinds) }),
      proof: listOf(part({ kind: namedOrUnknown(kinds), title: words(20) }), 10),
    }),
  });
  const readMany = documentReader({
    format: 'oyakata-rows',
    version: 1,
    schema: part({
      ...header('oyakata-rows', 1),
      rows: listOf(part({ kind: namedOrUnknown(kinds) }), 8000),
    }),
  });
  const document = (...names: unknown[]) => ({
    format: 'oyakata-names',
    version: 1,
    held: { by: 'nut' },
    proof: names.map((kind) => ({ kind, title: 'x' })),
  });

  test('are read as unknown, each by itself, whatever else stands there', () => {
    const stored = { ...document('wires', 'laser', 'scan'), held: { by: 'magnet' } };
    const before = structuredClone(stored);
    const read = readNames(stored);
    expect(read.held.by).toBe('unknown');
    expect(read.proof.map(({ kind }) => kind)).toEqual(['wires', 'unknown', 'unknown']);
    expect(stored).toEqual(before);
  });
  test('however many there are: every row of a long list may have one', () => {
    const read = readMany({
      format: 'oyakata-rows',
      version: 1,
      rows: Array.from({ length: 400 }, () => ({ kind: 'shave' })),
    });
    expect(read.rows).toEqual(Array.from({ length: 400 }, () => ({ kind: 'unknown' })));
  });
  test('are names: anything else in such a place is broken', () => {
    for (const broken of [5, null, '', 'x'.repeat(41)])
      expect(() => readNames(document(broken))).toThrow('proof[0].kind');
    expect(() => readNames({ ...document('laser'), more: 1 })).toThrow('more');
  });
});
