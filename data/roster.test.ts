import { appendEntry } from './append-entry';
import { classBoard } from './class-board';
import { loadAttempt } from './attempts';
import { codesForInstructor, firstInstructor } from './first-instructor';
import { setSecret } from './credentials';
import { passOn } from './outcome';
import { findPerson } from './people';
import { addMembers, changeClass, changeMember, loadRoster, makeClass, makeSlips } from './roster';
import { openSession, personOfSession } from './sessions';
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
  expect(await personOfSession(token)).toEqual(student);
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
  expect(passOn(await classAtBench(code, 'here')).className).toBe('Class');
  passOn(await changeClass(people.instructor, CLASS, { newCode: true, name: 'First year' }));
  expect(await classAtBench(code, 'here')).toEqual(refused('invalid', 'classCode'));
  const now = await roster();
  expect(now).toMatchObject({ className: 'First year', archived: false });
  passOn(await changeClass(people.instructor, CLASS, { archived: true }));
  expect(await classAtBench(now.code, 'here')).toEqual(refused('invalid', 'classCode'));
  expect((await roster()).archived).toBe(true);
  passOn(await changeClass(people.instructor, CLASS, { archived: false }));
  expect(await changeClass(people.instructor, CLASS, { name: ' ' })).toEqual(refused('invalid', 'name'));
});

test('an instructor is made in an empty book only', async () => {
  expect(await firstInstructor('Instructor', 'Class')).toBeNull();
});
