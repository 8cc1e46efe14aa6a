import { changePassword, loadAccount } from './account';
import { change, rowsOf } from './query';
import { giveCode } from './one-time-codes';
import { passOn } from './outcome';
import { makeSlips, loadRoster } from './roster';
import { endOwnSession, openSession, personOfSession } from './sessions';
import { chooseSecret, classAtBench, signInByPassword, signInByPin } from './sign-in';
import { setSecret } from './credentials';
import { inTransaction } from './test/in-transaction';
import { classDatabase, refused } from './test/class-database';

const { people } = classDatabase();
const PASSWORD = 'glue and thread';
let address = 0;
/** For tests: an address that nobody has tried from yet. */
const fresh = () => `10.0.0.${(address += 1)}`;

beforeAll(async () => {
  await change("UPDATE classes SET code = 'AAAA34' WHERE name = 'Class'");
  await change("UPDATE classes SET code = 'CCCC67' WHERE name = 'Other class'");
  await inTransaction((transaction) => setSecret(people.instructor.id, 'password', PASSWORD, transaction));
  await inTransaction((transaction) => setSecret(people.students[0]!.id, 'pin', '2580', transaction));
});

describe('an instructor', () => {
  test('signs in by name and password, however the name is written', async () => {
    expect(await signInByPassword(' instructor ', PASSWORD, fresh())).toEqual({ done: people.instructor });
  });

  test('is not told which of the two was wrong', async () => {
    const wrong = await signInByPassword('Instructor', `${PASSWORD} `, fresh());
    expect(wrong).toEqual(refused('invalid', 'password'));
    expect(await signInByPassword('Nobody', PASSWORD, fresh())).toEqual(wrong);
    expect(await signInByPassword('One', '2580', fresh())).toEqual(wrong);
  });

  test('who tried ten times in vain waits; the right password does not help then, but does later', async () => {
    const from = fresh();
    passOn(await signInByPassword('Instructor', PASSWORD, from));
    for (let times = 0; times < 10; times += 1)
      expect(await signInByPassword(times % 2 === 0 ? 'Instructor' : 'ÍNSTRUCTOR', 'no', fresh())).toEqual(
        refused('invalid'),
      );
    expect(await signInByPassword('INSTRUCTOR', PASSWORD, from)).toEqual(refused('too-often'));
    await change('UPDATE failed_tries SET tried_at = tried_at - INTERVAL 15 MINUTE');
    expect(await signInByPassword('Instructor', PASSWORD, from)).toHaveProperty('done');
    expect(await signInByPassword('Instructor', 'no', from)).toEqual(refused('invalid'));
  });

  test('one address can not go through all names', async () => {
    const from = fresh();
    for (let times = 0; times < 60; times += 1)
      expect(await signInByPassword(`Name ${times}`, 'no', from)).toEqual(refused('invalid'));
    expect(await signInByPassword('Instructor', PASSWORD, from)).toEqual(refused('too-often'));
    expect(await signInByPassword('Instructor', PASSWORD, fresh())).toHaveProperty('done');
  });

  test('sees every session, ends one on another device, and all others by a new password', async () => {
    const here = await openSession(people.instructor.id, 'Firefox on Linux');
    const tablet = await openSession(people.instructor.id, 'Chrome on Android');
    const third = await openSession(people.instructor.id);
    const view = passOn(await loadAccount(people.instructor, here));
    expect(view).toMatchObject({ signInName: 'Instructor', kind: 'password' });
    expect(view.sessions.filter(({ current }) => current).map(({ usedOn }) => usedOn)).toEqual([
      'Firefox on Linux',
    ]);
    const { id } = view.sessions.find(({ usedOn }) => usedOn === 'Chrome on Android')!;
    expect(await endOwnSession(people.students[0]!, id)).toEqual(refused('not-found'));
    expect(await personOfSession(tablet)).toEqual(people.instructor);
    passOn(await endOwnSession(people.instructor, id));
    expect(await personOfSession(tablet)).toBeNull();
    const to = 'paper, board and cloth';
    expect(await changePassword(people.instructor, here, 'no', to)).toEqual(refused('invalid', 'current'));
    expect(await changePassword(people.instructor, here, PASSWORD, 'short')).toEqual(
      refused('invalid', 'password'),
    );
    passOn(await changePassword(people.instructor, here, PASSWORD, to));
    expect(await personOfSession(third)).toBeNull();
    expect(await personOfSession(here)).toEqual(people.instructor);
    expect(await signInByPassword('Instructor', PASSWORD, fresh())).toEqual(refused('invalid'));
    passOn(await changePassword(people.instructor, here, to, PASSWORD));
  });
});

describe('a student', () => {
  test('signs in by class code, name and PIN; the code shows the names of this class alone', async () => {
    const { students, className } = passOn(await classAtBench('aaaa 34', fresh()));
    expect(className).toBe('Class');
    expect(students.map(({ name, hasPin }) => [name, hasPin])).toEqual([
      ['One', true],
      ['Three', false],
      ['Two', false],
    ]);
    expect(await signInByPin('AAAA34', people.students[0]!.id, '2580', fresh())).toEqual({
      done: people.students[0],
    });
  });

  test.each([
    ['another PIN', 'AAAA34', 0, '2581', 'invalid', 'pin'],
    ['no PIN chosen yet', 'AAAA34', 1, '2580', 'conflict', 'pin'],
    ['another class', 'CCCC67', 0, '2580', 'not-found', undefined],
    ['no class', 'DDDD99', 0, '2580', 'invalid', 'classCode'],
  ])('not with %s', async (_, code, which, pin, kind, field) => {
    expect(await signInByPin(code, people.students[which]!.id, pin, fresh())).toEqual(refused(kind, field));
  });

  test('chooses a PIN with the slip of the instructor, once, and with nobody else’s', async () => {
    const [, two, three] = people.students;
    const slips = passOn(await makeSlips(people.instructor, 1, [two!.id, three!.id]));
    expect(slips.map(({ name }) => name)).toEqual(['Three', 'Two']);
    const [slipOfThree, slipOfTwo] = slips.map(({ code }) => code);
    const at = { classCode: 'AAAA34', personId: two!.id };
    expect(await chooseSecret(slipOfThree!, '1470', fresh(), at)).toEqual(refused('invalid', 'code'));
    expect(await chooseSecret(slipOfTwo!, '1234', fresh(), at)).toEqual(refused('invalid', 'pin'));
    // Not by the door of the instructors either.
    expect(await chooseSecret(slipOfTwo!, 'glue and thread', fresh())).toEqual(refused('invalid', 'code'));
    expect(await chooseSecret(slipOfTwo!.toLowerCase(), '1470', fresh(), at)).toEqual({ done: two });
    expect(await chooseSecret(slipOfTwo!, '1471', fresh(), at)).toEqual(refused('invalid', 'code'));
    expect(await signInByPin('AAAA34', two!.id, '1470', fresh())).toEqual({ done: two });
  });

  test('whose PIN is reset is signed out, and the PIN of before is worth nothing', async () => {
    const one = people.students[0]!;
    const token = await openSession(one.id);
    passOn(await makeSlips(people.instructor, 1, [one.id]));
    expect(await personOfSession(token)).toBeNull();
    expect(await signInByPin('AAAA34', one.id, '2580', fresh())).toEqual(refused('conflict', 'pin'));
    expect(
      passOn(await loadRoster(people.instructor, 1)).members.find(({ id }) => id === one.id),
    ).toMatchObject({ secret: null, slipUntil: expect.any(String) as string });
    await inTransaction((transaction) => setSecret(one.id, 'pin', '2580', transaction));
  });

  test('a slip is too old after 30 days, and ends when another is given', async () => {
    const two = people.students[1]!;
    const at = { classCode: 'AAAA34', personId: two.id };
    const before = await giveCode(two.id, 'pin', people.instructor.id);
    const code = await giveCode(two.id, 'pin', people.instructor.id);
    expect(await chooseSecret(before, '1590', fresh(), at)).toEqual(refused('invalid', 'code'));
    await change('UPDATE one_time_codes SET expires_at = expires_at - INTERVAL 31 DAY');
    expect(await chooseSecret(code, '1590', fresh(), at)).toEqual(refused('invalid', 'code'));
  });
});

test('codes are guessed twenty times from one address, then no more', async () => {
  const from = fresh();
  for (let times = 0; times < 20; times += 1)
    expect(await classAtBench(`GUESS${times}`, from)).toEqual(refused('invalid', 'classCode'));
  expect(await classAtBench('AAAA34', from)).toEqual(refused('too-often'));
});

test('no secret, code or token stands in the database as it is typed', async () => {
  const code = await giveCode(people.instructor.id, 'password', null);
  const token = await openSession(people.instructor.id);
  for (const table of ['credentials', 'one_time_codes', 'sessions', 'failed_tries']) {
    const text = JSON.stringify(await rowsOf(`SELECT * FROM ${table}`));
    for (const secret of [code, token, PASSWORD, '"2580"']) expect(text).not.toContain(secret);
  }
  const [row] = await rowsOf<{ hash: string }>('SELECT secret_hash AS hash FROM credentials LIMIT 1');
  expect(row?.hash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
});
