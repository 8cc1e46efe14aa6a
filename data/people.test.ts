import { appendEntry } from './append-entry';
import { classBoard } from './class-board';
import { database } from './database';
import { loadExercise } from './exercises';
import { handOut } from './hand-out';
import { forget } from './forget';
import { loadAttempt } from './attempts';
import { loadMark, markAttempt } from './marks';
import { passOn } from './outcome';
import { findPerson, type PersonView } from './people';
import { change, rowsOf } from './query';
import { noteKnownBrowser } from './tries';
import { endSession, openSession, personOfSession } from './sessions';
import { classDatabase, NO_MARKS, note, refused } from './test/class-database';

const { people, issue, order } = classDatabase();

test('who is forgotten leaves records and marks whole, without name or words', async () => {
  const { Person, Membership } = database().models;
  const { classId } = passOn(await classBoard(people.instructor));
  const { id } = await Person.create({ name: 'Zed Forgetme', role: 'student' });
  await Membership.create({ classId, personId: id, role: 'student' });
  const student: PersonView = { id, name: 'Zed Forgetme', role: 'student' };
  const { attemptId } = await issue([student]);
  passOn(await appendEntry(student, attemptId, note('my hands hurt')));
  passOn(await appendEntry(people.instructor, attemptId, note('Zed was late')));
  passOn(await markAttempt(people.instructor, attemptId, { ...NO_MARKS, comment: 'Zed, try again' }, 2));
  const before = passOn(await loadMark(people.instructor, attemptId)).decisions[0]!.mark;
  await noteKnownBrowser('a browser', id);
  await change('INSERT INTO second_factors (person_id, secret, made_at) VALUES (?, ?, NOW(3))', [
    id,
    'GEZDGNBV',
  ]);
  await change('INSERT INTO failed_tries (at_what, tried_at, person_id) VALUES (?, NOW(3), ?)', ['x', id]);
  expect(await forget('Zed Forgetme')).toMatchObject([{ id }]);
  for (const table of ['known_browsers', 'second_factors', 'failed_tries'])
    expect([table, await rowsOf(`SELECT person_id FROM ${table} WHERE person_id = ?`, [id])]).toEqual([
      table,
      [],
    ]);
  const after = passOn(await loadMark(people.instructor, attemptId));
  expect(after.student).toBe('removed');
  const { entries } = passOn(await loadAttempt(people.instructor, attemptId));
  expect(entries.map(({ content, author }) => [content, author.name])).toEqual([
    [{ kind: 'note', text: 'removed' }, 'removed'],
    [{ kind: 'note', text: 'removed' }, 'Instructor'],
  ]);
  expect(after.decisions[0]!.mark).toEqual({ ...before, comment: 'removed' });
  const { exerciseId } = await issue();
  expect(
    passOn(await loadExercise(people.instructor, exerciseId)).students.map((each) => each.id),
  ).not.toContain(id);
  expect(await handOut(people.instructor, exerciseId, order(1, [student]))).toEqual(refused('not-found'));
  expect(await findPerson(id)).toMatchObject({ name: 'removed' });
  for (const table of ['people', 'entries', 'texts', 'mark_decisions', 'refused_entries'])
    expect(JSON.stringify(await rowsOf(`SELECT * FROM ${table}`))).not.toMatch(/Zed|hands hurt/);
});

describe('sessions', () => {
  test('are known by their token until they end, and stored as a hash only', async () => {
    const student = people.students[0]!;
    const token = await openSession(student.id);
    expect(await personOfSession(token)).toEqual(student);
    const rows = await database().models.SessionRow.findAll();
    expect(JSON.stringify(rows)).not.toContain(token);
    await endSession(token);
    expect(await personOfSession(token)).toBeNull();
  });

  test.each(['', 'x'.repeat(43), 'Fe26.2*1*abc', `${'a'.repeat(43)}\n`, '🔑'.repeat(20)])(
    '%p is nobody',
    async (token) => {
      expect(await personOfSession(token)).toBeNull();
      await endSession(token);
    },
  );

  test('are over when they were not used for a month; the last use is noted, a look of the page itself is not', async () => {
    const student = people.students[0]!;
    const token = await openSession(student.id);
    const { SessionRow: Row } = database().models;
    const set = (hours: number) =>
      Row.update({ seenAt: new Date(Date.now() - hours * 3_600_000) }, { where: { personId: student.id } });
    await set(2);
    expect(await personOfSession(token)).toEqual(student);
    const seen = async () =>
      Date.now() -
      (
        await Row.findAll({ where: { personId: student.id }, order: [['opened_at', 'DESC']] })
      )[0]!.seenAt.getTime();
    expect(await seen()).toBeGreaterThan(7_000_000);
    expect(await personOfSession(token, true)).toEqual(student);
    expect(await seen()).toBeLessThan(60_000);
    await set(31 * 24);
    expect(await personOfSession(token)).toBeNull();
  });
});
