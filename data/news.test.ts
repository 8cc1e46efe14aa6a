import { appendEntry } from './append-entry';
import { database } from './database';
import { loadFloor } from './floor';
import { changedIn, watchNews, type Change } from './news';
import { passOn } from './outcome';
import { change, rowOf } from './query';
import { classDatabase, note, refused } from './test/class-database';
import { sentEntry } from './test/fresh-database';

const { people, issue } = classDatabase();
const stops: (() => void)[] = [];
afterEach(() => stops.splice(0).forEach((stop) => stop()));

/** For tests: what is told to somebody from now on. */
async function watching(viewer: (typeof people)['instructor']) {
  const told: Change[] = [];
  const stop = await watchNews(viewer, (changes) => told.push(...changes));
  stops.push(stop);
  const until = async (right: () => boolean) => {
    const end = Date.now() + 20_000;
    while (!right() && Date.now() < end) await new Promise((resolve) => setTimeout(resolve, 20));
    return right();
  };
  return { told, stop, until };
}

test('whoever may see an attempt is told that it has changed, and nobody else', async () => {
  const [one, two] = people.students;
  const mine = await issue([one!]);
  const other = await issue([two!]);
  const instructor = await watching(people.instructor);
  const student = await watching(one!);
  const stranger = await watching(people.stranger);
  passOn(await appendEntry(one!, mine.attemptId, note()));
  passOn(await appendEntry(two!, other.attemptId, note()));
  expect(await instructor.until(() => instructor.told.length === 2)).toBe(true);
  expect(instructor.told.map(({ id }) => id).sort()).toEqual([mine.attemptId, other.attemptId].sort());
  expect(await student.until(() => student.told.length > 0)).toBe(true);
  expect(student.told.map(({ id }) => id)).toEqual([mine.attemptId]);
  expect(stranger.told).toEqual([]);
  student.stop();
  passOn(await appendEntry(one!, mine.attemptId, note()));
  expect(await instructor.until(() => instructor.told.length === 3)).toBe(true);
  expect(student.told).toHaveLength(1);
  instructor.stop();
  stranger.stop();
});

test('whoever is archived meanwhile is told nothing more, though the stream is open still', async () => {
  const { attemptId } = await issue([people.students[0]!]);
  const [leaver] = people.students.slice(2);
  const mine = await issue([leaver!]);
  const left = await watching(leaver!);
  const instructor = await watching(people.instructor);
  await change('UPDATE memberships SET archived_at = NOW(3) WHERE person_id = ?', [leaver!.id]);
  await change('UPDATE attempt_summaries SET version = version + 1 WHERE attempt_id IN (?, ?)', [
    mine.attemptId,
    attemptId,
  ]);
  expect(await instructor.until(() => instructor.told.length === 2)).toBe(true);
  expect(left.told).toEqual([]);
  await change('UPDATE memberships SET archived_at = NULL WHERE person_id = ?', [leaver!.id]);
});

test('a lower id that is committed later is told too', async () => {
  const low = await issue([people.students[0]!]);
  const high = await issue([people.students[1]!]);
  expect(low.attemptId).toBeLessThan(high.attemptId);
  const { told, stop, until } = await watching(people.instructor);
  const late = await database().sequelize.transaction();
  await change(
    'UPDATE attempt_summaries SET version = version + 1 WHERE attempt_id = ?',
    [low.attemptId],
    late,
  );
  passOn(await appendEntry(people.students[1]!, high.attemptId, note()));
  expect(await until(() => told.some(({ id }) => id === high.attemptId))).toBe(true);
  expect(told.some(({ id }) => id === low.attemptId)).toBe(false);
  await late.commit();
  expect(await until(() => told.some(({ id }) => id === low.attemptId))).toBe(true);
  stop();
});

test('what changed is answered by its index alone, and nothing else is read', async () => {
  const plan = await rowOf<{ key: string; Extra: string }>(
    `EXPLAIN SELECT class_id, attempt_id, student_id, version FROM attempt_summaries FORCE INDEX (changed)
      WHERE class_id IN (1, 2) AND changed_at >= NOW(3) - INTERVAL 30 SECOND`,
  );
  expect(plan).toMatchObject({ key: 'changed', Extra: expect.stringContaining('Using index') as string });
});

test('what changed longer ago is not read again; a change brings it back', async () => {
  const { attemptId } = await issue([people.students[0]!]);
  const { classId } = (await rowOf<{ classId: number }>(
    'SELECT class_id AS classId FROM attempt_summaries WHERE attempt_id = ?',
    [attemptId],
  ))!;
  const lately = async (seconds: number) => [
    ...((await changedIn([classId], seconds)).get(classId) ?? new Map<number, unknown>()).keys(),
  ];
  expect(await lately(30)).toContain(attemptId);
  await change('UPDATE attempt_summaries SET changed_at = NOW(3) - INTERVAL 40 SECOND WHERE class_id = ?', [
    classId,
  ]);
  expect(await lately(30)).toEqual([]);
  expect(await lately(60)).toContain(attemptId);
  passOn(await appendEntry(people.students[0]!, attemptId, note()));
  expect(await lately(30)).toEqual([attemptId]);
  expect([...(await changedIn([], 30)).keys()]).toEqual([]);
});

describe('the floor', () => {
  test('is for instructors and helpers', async () => {
    expect(await loadFloor(people.students[0]!)).toEqual(refused('forbidden'));
    expect(await loadFloor(people.stranger, 1)).toEqual(refused('not-found'));
  });

  test('shows who works where, who waits, and who may be next on which lathe', async () => {
    const student = people.students[2]!;
    const { attemptId } = await issue([student], people.lathes);
    const next = async () =>
      passOn(await loadFloor(people.instructor)).next.find((each) => each.attemptId === attemptId);
    const waiting = await next();
    expect(waiting?.lathes.map(({ name }) => name)).toEqual(['Lathe 1', 'Lathe 2']);
    // The instructor starts the student on the second lathe; the student then raises a hand.
    const { sheetId, name } = waiting!.lathes[1]!;
    passOn(await appendEntry(people.instructor, attemptId, sentEntry({ kind: 'lathe', sheetId, name })));
    expect(await next()).toBeUndefined();
    passOn(await appendEntry(student, attemptId, sentEntry({ kind: 'hand', raised: true })));
    const { pieces, lathes } = passOn(await loadFloor(people.instructor));
    expect(lathes).toEqual(['Lathe 1', 'Lathe 2']);
    expect(pieces.find((piece) => piece.attemptId === attemptId)).toMatchObject({
      student: 'Three',
      lathe: 'Lathe 2',
      state: 'not-begun',
      floor: { waits: { kind: 'hand' }, last: { title: 'Hand raised' } },
    });
  });
});
