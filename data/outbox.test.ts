import { createCipheriv, randomBytes, randomUUID } from 'node:crypto';
import { endGrantsHere, grantDevice, grantedBy, type Granted, type NewGrant } from './device-grants';
import { loadAttempt } from './attempts';
import { markAttempt } from './marks';
import { passOn } from './outcome';
import { ENTRY_KINDS, type KnownKind } from '@/core/exercise/record/entry/kinds';
import { MOST_ENTRIES } from '@/core/exercise/record/entry/room';
import type { InferType } from 'yup';
import type { keptEntrySchema } from '@/core/exercise/record/entry/entry-envelope';
import { entryExamples } from '@/core/test/entry-examples';
import { sheetOf } from '@/core/test/record';
import { appendEntry } from './append-entry';
import { standingsOf, takeKept, takeSealed } from './outbox';
import { change, rowsOf } from './query';
import { placeOfSeal, type Sealed } from './seals';
import { browser } from './test/bench-browser';
import { classDatabase, NO_MARKS } from './test/class-database';
import { sentEntry } from './test/fresh-database';

type KeptEntry = InferType<typeof keptEntrySchema>;

const { people, issue } = classDatabase();
const NONE: ReadonlyMap<number, number> = new Map();

async function bench(student = people.students[0]!): Promise<Granted> {
  const at = browser();
  const granted = await grantedBy(passOn(await grantDevice(student, at)).token, at.bound);
  return granted!;
}

const noteOf = (
  attemptId: number,
  sequence: number,
  { device }: Granted,
  text = `note ${sequence}`,
): KeptEntry => ({
  attemptId,
  id: randomUUID(),
  device,
  sequence,
  after: null,
  deviceTime: '2000-01-01T00:00:00.000Z',
  format: 2,
  content: { kind: 'note', text },
});

const textsOf = async (attemptId: number) =>
  passOn(await loadAttempt(people.students[0]!, attemptId)).entries.map(({ content }) =>
    content.kind === 'note' ? content.text : content.kind,
  );

test('a grant is for the own piece and for what is recorded at a bench: not for another’s, and not to sign', async () => {
  const { attemptId } = await issue([people.students[1]!]);
  const own = await issue([people.students[0]!]);
  const granted = await bench();
  const others = await takeKept(granted, [noteOf(attemptId, 1, granted)], NONE);
  expect(others.awaits).toMatchObject([{ attemptId, why: 'unknown-attempt' }]);
  const sign = { ...noteOf(own.attemptId, 1, granted), content: { kind: 'sign-off', stepId: 'safety' } };
  expect((await takeKept(granted, [sign], NONE)).fared).toMatchObject([{ how: 'refused' }]);
});

/** Closes an entry as a bench does. */
function closed(entry: KeptEntry, { seal, key }: NewGrant, personId: number): Sealed {
  const iv = randomBytes(12);
  const cipher = createCipheriv('aes-256-gcm', Buffer.from(key, 'base64'), iv);
  const place = { attemptId: entry.attemptId, sequence: entry.sequence, seal };
  cipher.setAAD(Buffer.from(placeOfSeal(place)));
  const text = Buffer.concat([
    cipher.update(JSON.stringify(entry), 'utf8'),
    cipher.final(),
    cipher.getAuthTag(),
  ]);
  return { ...place, personId, iv: iv.toString('base64'), closed: text.toString('base64') };
}

/** The same text with one bit turned over: never by chance the text itself. */
function turned(closed: string): string {
  const bytes = Buffer.from(closed, 'base64');
  bytes[0]! ^= 1;
  return bytes.toString('base64');
}

describe('what was left closed', () => {
  async function left() {
    const { attemptId } = await issue();
    const [student] = people.students;
    const at = browser();
    const grant = passOn(await grantDevice(student!, at));
    const granted = (await grantedBy(grant.token, at.bound))!;
    const entries = [1, 2, 3].map((sequence) => noteOf(attemptId, sequence, granted));
    const sealed = entries.map((entry) => closed(entry, grant, student!.id));
    return { attemptId, at, grant, student: student!, sealed };
  }

  test('is taken in its maker’s name, in order and once, and tells nothing by itself', async () => {
    const { attemptId, at, sealed } = await left();
    // With its space, which nothing that is closed has by chance.
    expect(JSON.stringify(sealed)).not.toContain('note 1');
    for (let again = 0; again < 2; again += 1)
      expect(await takeSealed(at.bound, sealed)).toEqual(Array(3).fill({ how: 'taken' }));
    expect(await textsOf(attemptId)).toEqual(['note 1', 'note 2', 'note 3']);
    expect(passOn(await loadAttempt(people.students[0]!, attemptId)).entries[0]?.author.id).toBe(
      people.students[0]!.id,
    );
  });

  test('is not taken from another browser, in another’s name, in another place, changed, or made with another key', async () => {
    const { attemptId, at, grant, student, sealed } = await left();
    const [one] = sealed;
    const other = passOn(await grantDevice(people.students[1]!, browser()));
    const forged = closed(
      { ...noteOf(attemptId, 1, { device: at.device, person: student }) },
      { ...grant, key: other.key },
      student.id,
    );
    for (const bad of [
      { ...one!, sequence: 2 },
      { ...one!, attemptId: attemptId + 1 },
      { ...one!, personId: people.students[1]!.id },
      { ...one!, closed: turned(one!.closed) },
      { ...one!, closed: '' },
      { ...one!, seal: other.seal },
      forged,
    ])
      expect(await takeSealed(at.bound, [bad])).toEqual([{ how: 'waits' }]);
    expect(await takeSealed('another browser', sealed)).toEqual(Array(3).fill({ how: 'waits' }));
    expect(await textsOf(attemptId)).toEqual([]);
  });

  test('waits for its maker when the grant has ended, and what stands behind waits with it; the maker gets its key, nobody else', async () => {
    const { at, grant, student, sealed } = await left();
    await endGrantsHere(student.id, at.bound, []);
    expect(await takeSealed(at.bound, sealed)).toEqual(Array(3).fill({ how: 'waits' }));
    const again = passOn(await grantDevice(student, at, [grant.seal]));
    expect(again.keys).toEqual({ [grant.seal]: grant.key });
    const others = passOn(await grantDevice(people.students[1]!, at, [grant.seal]));
    expect(others.keys[grant.seal]).not.toBe(grant.key);
  });
});

test('entries come in the order of the device; at a gap the number awaited is named and nothing behind it is taken', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  const sent = [1, 2, 3, 4, 5].map((n) => noteOf(attemptId, n, granted));
  const gap = await takeKept(granted, [sent[0]!, sent[2]!, sent[3]!], NONE);
  expect(gap.fared.map(({ how }) => how)).toEqual(['taken', 'not-yet', 'not-yet']);
  expect(gap.awaits).toMatchObject([{ attemptId, sequence: 2, why: 'gap' }]);
  const rest = await takeKept(granted, sent.slice(1), NONE);
  expect(rest.fared.every(({ how }) => how === 'taken')).toBe(true);
  expect(await textsOf(attemptId)).toEqual(['note 1', 'note 2', 'note 3', 'note 4', 'note 5']);
});

test('what is said to be held stands on the floor for the own pieces only', async () => {
  const { attemptId } = await issue([people.students[0]!]);
  const other = await issue([people.students[1]!]);
  const granted = await bench();
  await takeKept(
    granted,
    [noteOf(attemptId, 1, granted), noteOf(other.attemptId, 1, granted)],
    new Map([
      [attemptId, 99_999],
      [other.attemptId, 99_999],
    ]),
  );
  const rows = await rowsOf('SELECT attempt_id AS id, held FROM bench_devices WHERE device = ?', [
    granted.device,
  ]);
  expect(rows).toEqual([{ id: attemptId, held: MOST_ENTRIES }]);
});

test('nobody takes a place in the order of another’s bench', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  passOn(
    await appendEntry(people.instructor, attemptId, {
      ...noteOf(attemptId, 1, granted),
      device: granted.device,
    }),
  );
  // And what was refused of others fills no place either.
  for (let count = 0; count < 210; count += 1)
    await appendEntry(people.instructor, attemptId, {
      ...noteOf(attemptId, 1 + (count % 3), granted),
      content: { kind: 'pass', plannedPass: 'x' },
    });
  const bad = { ...noteOf(attemptId, 1, granted), content: { kind: 'pass', plannedPass: 'x' } };
  const sent = [bad, noteOf(attemptId, 2, granted), noteOf(attemptId, 3, granted)];
  const { fared } = await takeKept(granted, sent, NONE);
  expect(fared.map(({ how }) => how)).toEqual(['refused', 'taken', 'taken']);
});

test('a record takes so many entries and no more; the instructor can sign and strike out behind the last', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  await change(
    `INSERT INTO entries (client_id, attempt_id, author_id, author_role, device, sequence, format, late, content, device_time, server_time)
      SELECT UUID(), ?, ?, 'student', ?, seq, 2, 0, '{"kind":"note","text":"x"}', NOW(3), NOW(3) FROM seq_1_to_${MOST_ENTRIES - 1}`,
    [attemptId, granted.person.id, granted.device],
  );
  const [last, beyond] = [MOST_ENTRIES, MOST_ENTRIES + 1].map((n) => noteOf(attemptId, n, granted));
  const { fared } = await takeKept(granted, [last!, beyond!], NONE);
  expect(fared).toMatchObject([
    { how: 'taken' },
    { how: 'refused', refusal: { message: expect.stringContaining('full') as string } },
  ]);
  passOn(await appendEntry(people.instructor, attemptId, sentEntry({ kind: 'note', text: 'seen' })));
});

test('sent again, doubled or crossed, each is recorded once', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  const sent = [1, 2, 3].map((n) => noteOf(attemptId, n, granted));
  await takeKept(granted, sent, NONE);
  const again = await Promise.all([takeKept(granted, sent, NONE), takeKept(granted, sent, NONE)]);
  expect(again.flatMap(({ fared }) => fared).every(({ how }) => how === 'taken')).toBe(true);
  expect(await textsOf(attemptId)).toEqual(['note 1', 'note 2', 'note 3']);
  // Another entry in a place that is taken is refused by name.
  const other = await takeKept(granted, [noteOf(attemptId, 2, granted, 'other')], NONE);
  expect(other.fared[0]).toMatchObject({ how: 'refused', refusal: { fields: [{ field: 'sequence' }] } });
});

test('what is refused has its place too and holds up nothing behind it', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  const bad = { ...noteOf(attemptId, 2, granted), content: { kind: 'sign-off', stepId: 'x' } };
  const sent = [noteOf(attemptId, 1, granted), bad, noteOf(attemptId, 3, granted)];
  const { fared, awaits } = await takeKept(granted, sent, NONE);
  expect(fared.map(({ how }) => how)).toEqual(['taken', 'refused', 'taken']);
  expect(awaits).toEqual([]);
  expect(await textsOf(attemptId)).toEqual(['note 1', 'note 3']);
  expect(await standingsOf(granted, [attemptId])).toEqual([{ attemptId, taken: 3, marked: false }]);
});

test('each device counts for itself, and nobody sends into another’s attempt', async () => {
  const { attemptId } = await issue();
  const [first, second] = [await bench(), await bench()];
  await takeKept(first, [noteOf(attemptId, 1, first)], NONE);
  await takeKept(second, [noteOf(attemptId, 1, second, 'second')], NONE);
  expect(await textsOf(attemptId)).toEqual(['note 1', 'second']);
  const foreign = await bench(people.students[1]);
  // What this person can not see is not known here: the device keeps what it has.
  const answer = await takeKept(foreign, [noteOf(attemptId, 1, foreign)], NONE);
  expect(answer).toMatchObject({ fared: [{ how: 'not-yet' }], awaits: [{ attemptId, sequence: 0 }] });
  expect(await standingsOf(foreign, [attemptId])).toEqual([]);
});

test('a server that was restored to an earlier day names what it lacks', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  const sent = [1, 2, 3].map((n) => noteOf(attemptId, n, granted));
  await takeKept(granted, sent, NONE);
  const fresh = await issue();
  const restored = { ...granted };
  expect(await standingsOf(restored, [attemptId, fresh.attemptId])).toEqual([
    { attemptId, taken: 3, marked: false },
    { attemptId: fresh.attemptId, taken: 0, marked: false },
  ]);
  const ahead = await takeKept(restored, [noteOf(fresh.attemptId, 4, granted)], NONE);
  expect(ahead.awaits).toMatchObject([{ attemptId: fresh.attemptId, sequence: 1, why: 'gap' }]);
});

test('a bench says when it was heard and what it still holds; marked, it may let go', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  await takeKept(granted, [noteOf(attemptId, 1, granted)], new Map([[attemptId, 7]]));
  expect(
    await rowsOf('SELECT attempt_id AS id, held FROM bench_devices WHERE device = ?', [granted.device]),
  ).toEqual([{ id: attemptId, held: 7 }]);
  passOn(await markAttempt(people.instructor, attemptId, NO_MARKS, 1));
  expect(await standingsOf(granted, [attemptId])).toEqual([{ attemptId, taken: 1, marked: true }]);
  // What comes after the mark is late, and in the record all the same.
  await takeKept(granted, [noteOf(attemptId, 2, granted)], NONE);
  const { entries } = passOn(await loadAttempt(people.students[0]!, attemptId));
  expect(entries.map(({ late }) => late)).toEqual([false, true]);
});

/** Every example of every format, for a device of somebody who may write it. */
const examplesFor = (sheetId: number) =>
  Object.entries(entryExamples(sheetOf())).flatMap(([kind, formats]) =>
    ENTRY_KINDS[kind as KnownKind].writtenBy.includes('student') && kind !== 'strike' && kind !== 'hand-in'
      ? Object.entries(formats).map(([format, content]) => ({
          format: Number(format),
          // The sheet of this hand-out; what the worksheet asks is another test's.
          content: kind === 'lathe' ? { ...content, sheetId } : content,
        }))
      : [],
  );

test('entries of every format of every kind that a student has kept through an update arrive once, in order, as they were sent', async () => {
  const { attemptId } = await issue();
  const [person] = people.students;
  const granted = await bench(person);
  const sheetId = (await rowsOf<{ id: number }>('SELECT MAX(id) AS id FROM sheets'))[0]!.id;
  const sent = examplesFor(sheetId)
    .filter(({ content }) => content.kind !== 'worksheet')
    .map((example, index) => ({ ...noteOf(attemptId, index + 1, granted), ...example }));
  expect(sent.length).toBeGreaterThan(20);
  for (let again = 0; again < 2; again += 1) {
    const { fared, awaits } = await takeKept(granted, sent, NONE);
    expect(fared.filter(({ how }) => how !== 'taken')).toEqual([]);
    expect(awaits).toEqual([]);
  }
  const rows = await rowsOf<{ id: string; format: number; content: string }>(
    'SELECT client_id AS id, format, content FROM entries WHERE attempt_id = ? ORDER BY seq',
    [attemptId],
  );
  expect(rows.map(({ id, format }) => [id, format])).toEqual(sent.map(({ id, format }) => [id, format]));
  // Only what a person said stands elsewhere.
  expect(rows.map(({ content }) => Object.keys(JSON.parse(content) as object).sort())).toEqual(
    sent.map(({ content }) => Object.keys(content).sort()),
  );
  const read = passOn(await loadAttempt(person!, attemptId)).entries;
  expect(read.map(({ content }) => content.kind)).toEqual(sent.map(({ content }) => content.kind));
});

describe('an entry of a later release', () => {
  const kind = ENTRY_KINDS.note as { format: number; lifts?: Record<number, (older: object) => object> };
  const { format, lifts } = kind;
  afterEach(() => Object.assign(kind, { format, lifts }));

  test('waits on the device with what stands behind it in its attempt, and is taken after the update, in order', async () => {
    const [one, other] = [(await issue()).attemptId, (await issue()).attemptId];
    const granted = await bench();
    const sent = [
      noteOf(one, 1, granted),
      { ...noteOf(one, 2, granted), format: format + 1 },
      noteOf(one, 3, granted),
      noteOf(other, 1, granted),
    ];
    const before = await takeKept(granted, sent, NONE);
    expect(before.fared.map(({ how }) => how)).toEqual(['taken', 'not-yet', 'not-yet', 'taken']);
    expect(before.awaits).toEqual([
      {
        attemptId: one,
        sequence: 0,
        why: 'later-release',
        says: expect.stringContaining('later release than this server') as string,
      },
    ]);
    expect(await rowsOf('SELECT id FROM refused_entries WHERE attempt_id = ?', [one])).toEqual([]);
    // The server is updated.
    Object.assign(kind, { format: format + 1, lifts: { ...lifts, [format]: (older: object) => older } });
    const after = await takeKept(granted, sent, NONE);
    expect(after.fared.every(({ how }) => how === 'taken')).toBe(true);
    expect(await textsOf(one)).toEqual(['note 1', 'note 2', 'note 3']);
  });

  test('sent from a page is answered “not yet”', async () => {
    const { attemptId } = await issue();
    const sent = { ...noteOf(attemptId, 1, await bench()), content: { kind: 'photo' } };
    expect(await appendEntry(people.students[0]!, attemptId, sent)).toMatchObject({
      refused: { kind: 'later', code: 'later' },
    });
  });
});

test('one bad entry harms itself only: of the shape of none, of another’s attempt, or where the server fails', async () => {
  const attempts = [await issue(), await issue(), await issue(), await issue()].map((each) => each.attemptId);
  const granted = await bench();
  const sent = [
    { ...noteOf(attempts[0]!, 1, granted), deviceTime: 'yesterday' },
    noteOf(99_999, 1, granted),
    noteOf(attempts[1]!, 1, granted, 'x'),
    noteOf(attempts[2]!, 1, granted),
    null,
    noteOf(attempts[3]!, 1, granted),
  ];
  const known = ENTRY_KINDS.note as { refuses?: (content: { text: string }) => null };
  const { refuses } = known;
  known.refuses = ({ text }) => {
    if (text === 'x') throw new Error('a fault of the program');
    return null;
  };
  try {
    const { fared, awaits } = await takeKept(granted, sent, NONE);
    expect(fared.map(({ how }) => how)).toEqual([
      'not-yet',
      'not-yet',
      'not-yet',
      'taken',
      'not-yet',
      'taken',
    ]);
    expect(awaits.map(({ attemptId, why }) => [attemptId, why])).toEqual([
      [attempts[0], 'failed'],
      [99_999, 'unknown-attempt'],
      [attempts[1], 'failed'],
      [0, 'failed'],
    ]);
  } finally {
    known.refuses = refuses;
  }
  // Mended, it is taken.
  expect((await takeKept(granted, [sent[2]], NONE)).fared).toMatchObject([{ how: 'taken' }]);
});

test('what was refused is stored once, however often it is sent, and is told the same', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  const bad = { ...noteOf(attemptId, 1, granted), content: { kind: 'note', text: '' } };
  const answers = [];
  for (let again = 0; again < 3; again += 1) answers.push((await takeKept(granted, [bad], NONE)).fared[0]);
  expect(answers.map((fared) => [fared!.how, fared!.refusal?.message])).toEqual(
    Array(3).fill(['refused', answers[0]!.refusal?.message]),
  );
  expect(await rowsOf('SELECT id FROM refused_entries WHERE attempt_id = ?', [attemptId])).toHaveLength(1);
  expect((await takeKept(granted, [noteOf(attemptId, 2, granted)], NONE)).fared).toMatchObject([
    { how: 'taken' },
  ]);
});
