import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import { closeDatabase, database } from './database';
import { createExercise, discardExercise, saveDraft } from './exercises';
import { handOut } from './hand-out';
import { APPLICATION_MAY, grantApplication } from './grants';
import { markAttempt } from './marks';
import { passOn } from './outcome';
import { endSession, openSession } from './sessions';
import { setTimeZone } from './shop';
import { freshDatabase, GOOD_FORM, sentEntry, testClass } from './test/fresh-database';

const APPLICATION_URL = process.env.OYAKATA_APPLICATION_URL ?? '';

beforeAll(() => freshDatabase('oyakata_grants'));
afterAll(closeDatabase);

/** Runs as the application's user, on the same database. */
async function asApplication<T>(run: () => Promise<T>): Promise<T> {
  const owner = process.env.OYAKATA_DATABASE_URL;
  const url = APPLICATION_URL.replace(/[^/]*$/, 'oyakata_grants');
  expect(await grantApplication(url)).toEqual({ done: true });
  await closeDatabase();
  process.env.OYAKATA_DATABASE_URL = url;
  try {
    return await run();
  } finally {
    await closeDatabase();
    process.env.OYAKATA_DATABASE_URL = owner;
  }
}

test('the application’s user may do what the application does', async () => {
  const { instructor, students, lathes } = await testClass();
  await asApplication(async () => {
    const id = passOn(await createExercise(instructor, GOOD_FORM));
    passOn(await saveDraft(instructor, id, GOOD_FORM, 0, null));
    const order = { form: GOOD_FORM, draftVersion: 1, studentIds: [students[0]!.id], latheIds: lathes };
    const { attempts } = passOn(await handOut(instructor, id, order));
    passOn(await appendEntry(students[0]!, attempts[0]!.id, sentEntry({ kind: 'note', text: 'x' })));
    const bad = sentEntry({ kind: 'note', text: 5 });
    expect(await appendEntry(students[0]!, attempts[0]!.id, bad)).toHaveProperty('refused');
    const { sheetId } = passOn(await loadAttempt(students[0]!, attempts[0]!.id)).lathes[0]!;
    passOn(
      await appendEntry(
        students[0]!,
        attempts[0]!.id,
        sentEntry({ kind: 'lathe', sheetId, name: 'Lathe 1' }),
      ),
    );
    passOn(await markAttempt(instructor, attempts[0]!.id, { lines: [], capReason: '', comment: 'x' }, 2));
    passOn(await setTimeZone(instructor, 'UTC'));
    await endSession(await openSession(instructor.id));
    passOn(await discardExercise(instructor, passOn(await createExercise(instructor))));
  });
});

test.each([
  'DROP TABLE mark_decisions',
  'TRUNCATE TABLE entries',
  'ALTER TABLE entries ADD COLUMN x INT',
  'DROP TRIGGER entries_no_update',
  'CREATE TABLE x (id INT)',
  "UPDATE entries SET content = '{}'",
  'DELETE FROM entries',
  'UPDATE mark_decisions SET total = 100',
  "UPDATE texts SET body = ''",
  "UPDATE sheets SET document = '{}'",
  'DELETE FROM memberships',
  "UPDATE memberships SET role = 'instructor'",
  "UPDATE people SET role = 'instructor'",
  "INSERT INTO people (id, name, role) SELECT 1, 'x', 'instructor' FROM mysql.user",
  'UPDATE one_time_codes SET person_id = 1',
  'UPDATE credentials SET person_id = 1',
  'UPDATE exercises SET class_id = 1',
  'UPDATE sessions SET person_id = 1',
  'UPDATE attempts SET student_id = 1',
  'DELETE FROM migrations',
  'SELECT * FROM mysql.user',
])('the application’s user may not: %s', async (sql) => {
  await asApplication(async () => {
    await expect(database().sequelize.query(sql)).rejects.toThrow(/denied/i);
  });
});

test('every table has a line in the list of what it may do', async () => {
  const [rows] = await database().sequelize.query('SHOW TABLES');
  const tables = (rows as object[]).flatMap((row) => Object.values(row) as string[]);
  expect(Object.keys(APPLICATION_MAY).sort()).toEqual(tables.sort());
});

test('one user for both is said', async () => {
  expect(await grantApplication(process.env.OYAKATA_DATABASE_URL ?? '')).toEqual({
    done: false,
    why: 'one-user',
  });
});
