import { Secret, TOTP } from 'otpauth';
import { changePassword, loadAccount } from './account';
import { change, rowsOf } from './query';
import { giveCode } from './one-time-codes';
import { passOn } from './outcome';
import { makeSlips, loadRoster } from './roster';
import { beginSecondFactor, confirmSecondFactor, endSecondFactor, isSecondFactor } from './second-factors';
import { hashOf } from './secrets';
import { endOwnSession, openSession, personOfSession, sessionOf } from './sessions';
import { chooseSecret, classAtBench, pinAgain, signInByPassword, signInByPin } from './sign-in';
import { forgetTriesOf, noteKnownBrowser, waitAfter } from './tries';
import { setSecret } from './credentials';
import { inTransaction } from './test/in-transaction';
import { classDatabase, refused } from './test/class-database';

const { people } = classDatabase();
const PASSWORD = 'glue and thread, cut';
let address = 0;
/** For tests: all tries are so much older. */
const ago = (time: string) => change(`UPDATE failed_tries SET tried_at = tried_at - INTERVAL ${time}`);
/** For tests: what an authenticator shows. */
const codeAt = (secret: string, timestamp: number) =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp });
/** For tests: a stranger at an address that nobody has tried from yet. */
const fresh = (browser = '') => ({ address: `10.0.0.${(address += 1)}`, browser });
const BROWSER = 'the browser of before';

beforeAll(async () => {
  await change("UPDATE classes SET code = 'AAAA34' WHERE name = 'Class'");
  await change("UPDATE classes SET code = 'CCCC67' WHERE name = 'Other class'");
  await inTransaction((transaction) => setSecret(people.instructor.id, 'password', PASSWORD, transaction));
  await inTransaction((transaction) => setSecret(people.students[0]!.id, 'pin', '2580', transaction));
});

describe('an instructor', () => {
  beforeEach(() => forgetTriesOf(people.instructor.id));

  test('signs in by name and password, however the name is written', async () => {
    expect(await signInByPassword(' instructor ', PASSWORD, fresh())).toEqual({ done: people.instructor });
  });

  test('is not told which of the two was wrong', async () => {
    const wrong = await signInByPassword('Instructor', `${PASSWORD} `, fresh());
    expect(wrong).toEqual(refused('invalid', 'password'));
    expect(await signInByPassword('Nobody', PASSWORD, fresh())).toEqual(wrong);
    expect(await signInByPassword('One', '2580', fresh())).toEqual(wrong);
  });

  test('is slowed more with each wrong try by strangers, and never in a browser of the own', async () => {
    await noteKnownBrowser(BROWSER, people.instructor.id);
    for (let times = 0; times < 5; times += 1)
      expect(await signInByPassword(times % 2 === 0 ? 'Instructor' : 'ÍNSTRUCTOR', 'no', fresh())).toEqual(
        refused('invalid'),
      );
    const stranger = await signInByPassword('INSTRUCTOR', PASSWORD, fresh());
    expect(stranger).toMatchObject({ refused: { kind: 'too-often', more: { seconds: 15 } } });
    // Neither nobody's tries nor what is tried at benches keeps her out where she has signed in before.
    expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER))).toHaveProperty('done');
    expect(stranger).toHaveProperty(
      'refused.message',
      expect.stringContaining('in which you have signed in before') as string,
    );
    // What was refused unseen did not count; after the wait the right one helps a stranger too.
    await ago('15 SECOND');
    expect(await signInByPassword('Instructor', PASSWORD, fresh())).toHaveProperty('done');
  });

  test('a known browser is slowed by its own tries alone, and is not told to come from a known one', async () => {
    for (let times = 0; times < 5; times += 1)
      expect(await signInByPassword('Instructor', 'no', fresh(BROWSER))).toEqual(refused('invalid'));
    const slowed = await signInByPassword('Instructor', PASSWORD, fresh(BROWSER));
    expect(slowed).toEqual(refused('too-often'));
    expect(JSON.stringify(slowed)).not.toContain('signed in before');
    expect(await signInByPassword('Instructor', PASSWORD, fresh())).toHaveProperty('done');
  });

  test('a hundred tries at one moment are a hundred', async () => {
    const all = await Promise.all(
      Array.from({ length: 30 }, () => signInByPassword('Instructor', 'no', fresh())),
    );
    expect(all.filter((each) => 'refused' in each && each.refused.kind === 'invalid')).toHaveLength(5);
  });

  test('one address goes through names slowly, and keeps nobody out who is known', async () => {
    const from = fresh();
    for (let times = 0; times < 60; times += 1)
      expect(await signInByPassword(`Name ${times}`, 'no', from)).toEqual(refused('invalid'));
    expect(await signInByPassword('Instructor', PASSWORD, from)).toMatchObject({
      refused: { kind: 'too-often', more: { seconds: 5 } },
    });
    expect(await signInByPassword('Instructor', PASSWORD, { ...from, browser: BROWSER })).toHaveProperty(
      'done',
    );
    // Benches at the same address are counted apart.
    expect(await signInByPin('AAAA34', people.students[0]!.id, '2580', from)).toHaveProperty('done');
  });

  test('is told how often strangers have tried', async () => {
    for (let times = 0; times < 5; times += 1) await signInByPassword('Instructor', 'no', fresh());
    const view = passOn(await loadAccount(people.instructor, ''));
    expect(view.tries).toMatchObject({ count: 5 });
    await forgetTriesOf(people.instructor.id);
    expect(passOn(await loadAccount(people.instructor, '')).tries).toBeNull();
  });

  test.each(['short words', 'password1234', 'qwertyuiop12', 'Instructor 12', '123456789012', 'abcabcabcabc'])(
    'does not choose “%s” as a password',
    async (password) => {
      const here = await openSession(people.instructor.id);
      expect(await changePassword(people.instructor, here, PASSWORD, password)).toEqual(
        refused('invalid', 'password'),
      );
    },
  );

  test('signs in with a second factor: the figures of now, once, and slowed when they are wrong', async () => {
    const { secret } = passOn(await beginSecondFactor(people.instructor));
    const figures = (steps = 0) => codeAt(secret, Date.now() + steps * 30_000);
    // Until its first figures were right it is not asked for.
    expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER))).toHaveProperty('done');
    expect(await confirmSecondFactor(people.instructor, '000000')).toEqual(refused('invalid', 'code'));
    passOn(await confirmSecondFactor(people.instructor, figures(-1)));
    expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER))).toMatchObject({
      refused: { code: 'second-factor' },
    });
    // Whether the password was right is not told by it.
    expect(await signInByPassword('Instructor', 'no', fresh(BROWSER), figures())).toEqual(
      refused('invalid', 'password'),
    );
    const now = figures();
    expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER), now)).toHaveProperty('done');
    expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER), now)).toEqual(
      refused('invalid', 'code'),
    );
    for (let times = 0; times < 4; times += 1)
      expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER), '123456')).toEqual(
        refused('invalid', 'code'),
      );
    expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER), figures(1))).toEqual(
      refused('too-often'),
    );
    await forgetTriesOf(people.instructor.id);
    expect(await endSecondFactor(people.instructor, now)).toEqual(refused('invalid', 'code'));
    passOn(await endSecondFactor(people.instructor, figures(1)));
    expect(await signInByPassword('Instructor', PASSWORD, fresh(BROWSER))).toHaveProperty('done');
    expect(await beginSecondFactor(people.students[0]!)).toEqual(refused('conflict'));
  });

  /** RFC 6238, appendix B (SHA-1, of its eight figures the last six). */
  test.each([
    [59, '287082'],
    [1_111_111_109, '081804'],
    [1_234_567_890, '005924'],
    [2_000_000_000, '279037'],
  ])('at second %d of the RFC the figures are %s', async (second, code) => {
    await change('INSERT INTO second_factors (person_id, secret, made_at) VALUES (?, ?, NOW(3))', [
      people.stranger.id,
      'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ',
    ]);
    expect(await isSecondFactor(people.stranger.id, code, second * 1000)).toBe(true);
    expect(await isSecondFactor(people.stranger.id, code, second * 1000)).toBe(false);
    await change('DELETE FROM second_factors WHERE person_id = ?', [people.stranger.id]);
  });

  test('is signed out after half an hour without use, or as the shop has it, and after twelve hours in any case', async () => {
    const session = await openSession(people.instructor.id);
    const idle = (minutes: number) =>
      change('UPDATE sessions SET seen_at = NOW(3) - INTERVAL ? SECOND WHERE token_hash = ?', [
        minutes * 60,
        hashOf(session),
      ]);
    await idle(29);
    expect(await personOfSession(session)).not.toBeNull();
    await idle(31);
    expect(await personOfSession(session)).toBeNull();
    await change('UPDATE shop SET idle_minutes = 60');
    expect(await personOfSession(session)).not.toBeNull();
    // What a page asks by itself is no use; a touch is.
    await personOfSession(session, true);
    await change('UPDATE shop SET idle_minutes = 30');
    expect(await personOfSession(session)).not.toBeNull();
    await change('UPDATE sessions SET opened_at = NOW(3) - INTERVAL 721 MINUTE WHERE token_hash = ?', [
      hashOf(session),
    ]);
    expect(await sessionOf(session, true)).toEqual({ state: 'over' });
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
    expect(await chooseSecret(slipOfTwo!, PASSWORD, fresh())).toEqual(refused('invalid', 'code'));
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

test('a student’s session asks for the PIN again after twelve hours, and is over after thirty days', async () => {
  const one = people.students[0]!;
  const session = await openSession(one.id);
  const age = (column: string, hours: number) =>
    change(`UPDATE sessions SET ${column} = NOW(3) - INTERVAL ? HOUR WHERE token_hash = ?`, [
      hours,
      hashOf(session),
    ]);
  await age('seen_at', 11);
  expect(await personOfSession(session)).toEqual(one);
  await age('opened_at', 13);
  expect(await sessionOf(session)).toEqual({ state: 'asleep', person: one });
  expect(await personOfSession(session)).toBeNull();
  expect(await pinAgain(one, '2581', fresh())).toEqual(refused('invalid', 'pin'));
  expect(await pinAgain(one, '2580', fresh())).toEqual({ done: one });
  await age('seen_at', 24 * 30 + 1);
  expect(await sessionOf(session)).toEqual({ state: 'over' });
});

test('PINs are tried slower and slower by strangers, at each student and at the whole class, and known benches go on', async () => {
  const [one, two] = people.students;
  await forgetTriesOf(one!.id);
  await noteKnownBrowser(BROWSER, one!.id);
  for (let times = 0; times < 5; times += 1)
    expect(await signInByPin('AAAA34', one!.id, '0001', fresh())).toEqual(refused('invalid', 'pin'));
  expect(await signInByPin('AAAA34', one!.id, '2580', fresh())).toEqual(refused('too-often'));
  expect(await signInByPin('AAAA34', one!.id, '2580', fresh(BROWSER))).toHaveProperty('done');
  // The class as a whole: other students fall no faster.
  for (let times = 0; times < 45; times += 1) {
    await forgetTriesOf(two!.id);
    await signInByPin('AAAA34', two!.id, '0001', fresh());
  }
  expect(await signInByPin('AAAA34', two!.id, '0001', fresh())).toEqual(refused('too-often'));
  expect(await signInByPin('AAAA34', one!.id, '2580', fresh(BROWSER))).toHaveProperty('done');
  // A new slip makes a clean sheet, also for the word to the instructor.
  const told = passOn(await loadRoster(people.instructor, 1)).members.find(({ id }) => id === one!.id);
  expect(told?.tries).toMatchObject({ count: 5 });
});

/** The real figure: what a stranger has in a week, when every wait is waited for and nothing else slows. */
test('a PIN of four figures bears fewer than a hundred tries a week by strangers', () => {
  const week = 7 * 86_400_000;
  const tries: number[] = [];
  for (let at = 0; at < 4 * week;) {
    tries.push(at);
    const counted = tries.filter((each) => each > at - week).length;
    at += Math.max(1, waitAfter('secret', counted));
  }
  const inWeek = [0, 1, 2, 3].map((n) => tries.filter((at) => at >= n * week && at < (n + 1) * week).length);
  expect(Math.max(...inWeek)).toBeLessThan(100);
  expect(Math.max(...inWeek)).toBeGreaterThan(80);
});

test('codes are guessed twenty times from one address, then one in a minute at most; a known browser goes on', async () => {
  const from = fresh();
  for (let times = 0; times < 20; times += 1)
    expect(await classAtBench(`GUESS${times}`, from)).toEqual(refused('invalid', 'classCode'));
  expect(await classAtBench('AAAA34', from)).toEqual(refused('too-often'));
  expect(await classAtBench('AAAA34', { ...from, browser: BROWSER })).toHaveProperty('done');
  expect(waitAfter('code', 500)).toBe(60_000);
});

test('no secret, code or token stands in the database as it is typed', async () => {
  const code = await giveCode(people.instructor.id, 'password', null);
  const token = await openSession(people.instructor.id);
  for (const table of ['credentials', 'one_time_codes', 'sessions', 'failed_tries', 'known_browsers']) {
    const text = JSON.stringify(await rowsOf(`SELECT * FROM ${table}`));
    for (const secret of [code, token, PASSWORD, BROWSER, '"2580"']) expect(text).not.toContain(secret);
  }
  const [row] = await rowsOf<{ hash: string }>('SELECT secret_hash AS hash FROM credentials LIMIT 1');
  expect(row?.hash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
});
