import { randomUUID } from 'node:crypto';
import { grantDevice, grantedBy, type Granted } from './device-grants';
import { loadAttempt } from './attempts';
import { database } from './database';
import { markAttempt } from './marks';
import { passOn } from './outcome';
import { standingsOf, takeKept, type KeptEntry } from './outbox';
import { change, rowsOf } from './query';
import { endSessionsOf } from './sessions';
import { classDatabase, NO_MARKS } from './test/class-database';

const { people, issue } = classDatabase();
const NONE: ReadonlyMap<number, number> = new Map();

async function bench(student = people.students[0]!): Promise<Granted> {
  const granted = await grantedBy(await grantDevice(student, randomUUID()));
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

test('a grant sends in its maker’s name from its device, until it is renewed, ended or unknown', async () => {
  const [student] = people.students;
  const device = randomUUID();
  const first = await grantDevice(student!, device);
  expect(await grantedBy(first)).toEqual({ person: student, device });
  await change('UPDATE device_grants SET granted_at = ? WHERE device = ?', ['2026-11-01 08:00:00', device]);
  const second = await grantDevice(student!, device);
  expect(await grantedBy(first)).toBeNull();
  expect(await grantedBy(second)).not.toBeNull();
  for (const other of ['', 'x', randomUUID(), `${second}x`]) expect(await grantedBy(other)).toBeNull();
  // A PIN that is reset ends what devices may send.
  await database().sequelize.transaction((transaction) => endSessionsOf(student!.id, transaction));
  expect(await grantedBy(second)).toBeNull();
});

test('a grant that is too old is none', async () => {
  const token = await grantDevice(people.students[0]!, randomUUID());
  await change('UPDATE device_grants SET granted_at = ? WHERE ended_at IS NULL', ['2026-01-01 08:00:00']);
  expect(await grantedBy(token)).toBeNull();
});

test('entries come in the order of the device; at a gap the number awaited is named and nothing behind it is taken', async () => {
  const { attemptId } = await issue();
  const granted = await bench();
  const sent = [1, 2, 3, 4, 5].map((n) => noteOf(attemptId, n, granted));
  const gap = await takeKept(granted, [sent[0]!, sent[2]!, sent[3]!], NONE);
  expect(gap.fared.map(({ how }) => how)).toEqual(['taken', 'not-yet', 'not-yet']);
  expect(gap.awaits).toEqual([{ attemptId, sequence: 2 }]);
  const rest = await takeKept(granted, sent.slice(1), NONE);
  expect(rest.fared.every(({ how }) => how === 'taken')).toBe(true);
  expect(await textsOf(attemptId)).toEqual(['note 1', 'note 2', 'note 3', 'note 4', 'note 5']);
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
  const bad = { ...noteOf(attemptId, 2, granted), content: { kind: 'sign-off', stepId: 'x' }, format: 3 };
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
  expect(ahead.awaits).toEqual([{ attemptId: fresh.attemptId, sequence: 1 }]);
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
