import { appendEntry } from './append-entry';
import { classBoard } from './class-board';
import { clearOver } from './clear-over';
import { grantDevice, grantedBy } from './device-grants';
import { loadAttempt } from './attempts';
import { codesForInstructor, firstInstructor } from './first-instructor';
import { setSecret } from './credentials';
import { passOn } from './outcome';
import { findPerson } from './people';
import { addMembers, changeClass, changeMember, loadRoster, makeClass, makeSlips } from './roster';
import { change, rowsOf } from './query';
import { hashOf } from './secrets';
import { endSession, openSession, personOfSession } from './sessions';
import { classAtBench } from './sign-in';
import { inTransaction } from './test/in-transaction';
import { classDatabase, note, refused } from './test/class-database';

const { people, issue } = classDatabase();
const CLASS = 1;
const OTHER = 2;
const roster = async (classId = CLASS) => passOn(await loadRoster(people.instructor, classId));
const named = async (name: string) => (await roster()).members.find((each) => each.name === name)!;

test('is for those who teach the class', async () => {
  for (const viewer of [people.students[0]!, { ...people.stranger, role: 'student' as const }])
    expect(await loadRoster(viewer, CLASS)).toEqual(refused('forbidden'));
  expect(await loadRoster(people.stranger, CLASS)).toEqual(refused('not-found'));
  expect(await addMembers(people.stranger, CLASS, { names: ['X'], personId: null, role: 'student' })).toEqual(
    refused('not-found'),
  );
  expect(await makeSlips(people.students[0]!, CLASS, [people.students[0]!.id])).toEqual(refused('forbidden'));
  expect(await makeClass(people.students[0]!, 'Mine')).toEqual(refused('forbidden'));
});

test('people are added all or none, each field that is wrong named', async () => {
  const before = (await roster()).members.length;
  const order = (names: string[]) => ({ names, personId: null, role: 'student' as const });
  expect(await addMembers(people.instructor, CLASS, order(['Good Name', '\u200b']))).toEqual(
    refused('invalid', 'names[1]'),
  );
  expect((await roster()).members).toHaveLength(before);
  expect(passOn(await addMembers(people.instructor, CLASS, order([' Lena  Falk ', 'Max Ode'])))).toBe(2);
  expect(await named('Lena Falk')).toMatchObject({ role: 'student', archived: false, secret: null });
});

test('several classes a person, several instructors a class', async () => {
  const other = await findPerson(people.stranger.id);
  const joining = { names: [], personId: people.stranger.id, role: 'instructor' as const };
  expect(await addMembers(people.instructor, CLASS, joining)).toEqual(refused('not-found'));
  const second = passOn(await makeClass(people.instructor, 'Second year'));
  const student = people.students[2]!;
  passOn(await addMembers(people.instructor, second, { ...joining, personId: student.id, role: 'student' }));
  expect(
    await addMembers(people.instructor, second, { ...joining, personId: student.id, role: 'student' }),
  ).toEqual(refused('conflict', 'personId'));
  // A PIN of four figures opens no instructor's account.
  expect(
    await addMembers(people.instructor, second, { ...joining, personId: student.id, role: 'instructor' }),
  ).toEqual(refused('conflict', 'role'));
  expect(
    passOn(await classBoard(student, { classId: second, page: 1 })).classes.map(({ name }) => name),
  ).toEqual(['Class', 'Second year']);
  passOn(
    await addMembers(people.stranger, OTHER, { names: ['Vera Holm'], personId: null, role: 'instructor' }),
  );
  const vera = passOn(await loadRoster(people.stranger, OTHER)).members.find(
    ({ name }) => name === 'Vera Holm',
  )!;
  expect(passOn(await loadRoster({ ...vera, role: 'instructor' }, OTHER)).className).toBe('Other class');
  expect(await loadRoster(other!, second)).toEqual(refused('not-found'));
});

test('who is archived is out of the class and the board, with every record kept, and comes back whole', async () => {
  const student = people.students[1]!;
  const { attemptId } = await issue([student]);
  passOn(await appendEntry(student, attemptId, note('before')));
  const token = await openSession(student.id);
  passOn(await changeMember(people.instructor, CLASS, { personId: student.id, archived: true }));
  expect(await personOfSession(token)).toBeNull();
  expect(await appendEntry(student, attemptId, note('after'))).toEqual(refused('not-found'));
  const onBoard = async () => passOn(await classBoard(people.instructor)).students.map(({ id }) => id);
  expect(await onBoard()).not.toContain(student.id);
  expect(passOn(await loadAttempt(people.instructor, attemptId)).entries).toHaveLength(1);
  expect(await makeSlips(people.instructor, CLASS, [student.id])).toEqual(refused('not-found'));
  passOn(await changeMember(people.instructor, CLASS, { personId: student.id, archived: false }));
  expect(await onBoard()).toContain(student.id);
  // Signed out: who comes back signs in.
  expect(await personOfSession(token)).toBeNull();
  expect(await personOfSession(await openSession(student.id))).toEqual(student);
});

test('nobody archives herself, renames a colleague, or takes over a colleague’s account', async () => {
  const { id } = people.instructor;
  expect(await changeMember(people.instructor, CLASS, { personId: id, archived: true })).toEqual(
    refused('conflict', 'archived'),
  );
  expect(await changeMember(people.instructor, CLASS, { personId: id, name: 'X' })).toEqual(
    refused('forbidden'),
  );
  passOn(await addMembers(people.instructor, CLASS, { names: ['Hal Per'], personId: null, role: 'helper' }));
  const helper = await named('Hal Per');
  expect(passOn(await makeSlips(people.instructor, CLASS, [helper.id]))[0]?.code).toMatch(/^[A-Z0-9]{8}$/);
  await inTransaction((transaction) => setSecret(helper.id, 'password', 'paper and board', transaction));
  expect(await makeSlips(people.instructor, CLASS, [helper.id])).toEqual(refused('conflict', 'personIds'));
  expect(await codesForInstructor('hal per')).toMatchObject([{ name: 'Hal Per' }]);
  expect(await codesForInstructor('One')).toEqual([]);
});

test('a name is mended', async () => {
  const student = people.students[0]!;
  passOn(await changeMember(people.instructor, CLASS, { personId: student.id, name: ' Wun ' }));
  expect(await named('Wun')).toMatchObject({ id: student.id });
});

test('a class gets another code, another name, an end', async () => {
  passOn(await changeClass(people.instructor, CLASS, { newCode: true }));
  const { code } = await roster();
  expect(passOn(await classAtBench(code, { address: 'here', browser: '' })).className).toBe('Class');
  passOn(await changeClass(people.instructor, CLASS, { newCode: true, name: 'First year' }));
  expect(await classAtBench(code, { address: 'here', browser: '' })).toEqual(refused('invalid', 'classCode'));
  const now = await roster();
  expect(now).toMatchObject({ className: 'First year', archived: false });
  passOn(await changeClass(people.instructor, CLASS, { archived: true }));
  expect(await classAtBench(now.code, { address: 'here', browser: '' })).toEqual(
    refused('invalid', 'classCode'),
  );
  expect((await roster()).archived).toBe(true);
  passOn(await changeClass(people.instructor, CLASS, { archived: false }));
  expect(await changeClass(people.instructor, CLASS, { name: ' ' })).toEqual(refused('invalid', 'name'));
});

test('an instructor is made in an empty book only', async () => {
  expect(await firstInstructor('Instructor', 'Class')).toBeNull();
});

test('nobody can be called as people are who were taken out: the lists would not show them', async () => {
  for (const name of ['Removed', ' REMOVED ', 'Rémoved'])
    expect(
      await addMembers(people.instructor, CLASS, { names: [name], personId: null, role: 'student' }),
    ).toEqual(refused('invalid', 'names[0]'));
  passOn(
    await addMembers(people.instructor, CLASS, { names: ['Removed Smith'], personId: null, role: 'student' }),
  );
  expect(await named('Removed Smith')).toBeDefined();
});

test('of slips that two give at one moment, in two classes, one is valid', async () => {
  const student = people.students[0]!;
  await change("INSERT INTO memberships (class_id, person_id, role) VALUES (?, ?, 'student')", [
    OTHER,
    student.id,
  ]);
  for (let round = 0; round < 5; round += 1) {
    const given = await Promise.all([
      makeSlips(people.instructor, CLASS, [student.id]),
      makeSlips(people.stranger, OTHER, [student.id]),
    ]);
    given.forEach(passOn);
    const valid = await rowsOf(
      'SELECT code_hash FROM one_time_codes WHERE person_id = ? AND used_at IS NULL AND expires_at > NOW(3)',
      [student.id],
    );
    expect(valid).toHaveLength(1);
  }
});

test('what is over is taken out: sessions, grants of devices, codes; what is valid stays', async () => {
  const { id } = people.students[1]!;
  await change('DELETE FROM sessions WHERE person_id = ?', [id]);
  const [open, ended, idle] = [await openSession(id), await openSession(id), await openSession(id)];
  await endSession(ended);
  const at = { device: '11111111-1111-4111-8111-111111111111', bound: 'this browser', usedOn: '' };
  const give = async () => passOn(await grantDevice(people.students[1]!, at)).token;
  const [old, fresh] = [await give(), await give()];
  const long = '2026-01-01 08:00:00';
  await change('UPDATE sessions SET ended_at = ? WHERE token_hash = ?', [long, hashOf(ended)]);
  await change('UPDATE sessions SET seen_at = ? WHERE token_hash = ?', [long, hashOf(idle)]);
  await change('UPDATE device_grants SET ended_at = ? WHERE token_hash = ?', [long, hashOf(old)]);
  passOn(await makeSlips(people.instructor, CLASS, [id]));
  await change('UPDATE one_time_codes SET used_at = ? WHERE person_id <> ?', [long, id]);
  await clearOver();
  expect(await rowsOf('SELECT token_hash AS hash FROM sessions WHERE person_id = ?', [id])).toEqual([
    { hash: hashOf(open) },
  ]);
  expect(await rowsOf('SELECT token_hash AS hash FROM device_grants WHERE person_id = ?', [id])).toEqual([
    { hash: hashOf(fresh) },
  ]);
  expect(await rowsOf('SELECT DISTINCT person_id AS id FROM one_time_codes')).toEqual([{ id }]);
});

test('whoever is archived can send nothing more from a bench; who is in no class any more is signed out', async () => {
  const student = people.students[1];
  const at = { device: '22222222-2222-4222-8222-222222222222', bound: 'that browser', usedOn: '' };
  const session = await openSession(student!.id);
  const { token } = passOn(await grantDevice(student!, at));
  passOn(await changeMember(people.instructor, CLASS, { personId: student!.id, archived: true }));
  passOn(await changeMember(people.instructor, CLASS, { personId: student!.id, archived: false }));
  expect(await grantedBy(token, at.bound)).toBeNull();
  expect(await personOfSession(session)).toBeNull();
});
