import { closeDatabase, database } from './database';
import { APPLICATION_MAY, grantApplication } from './grants';
import { migrate, pendingMigrations } from './migrate';
import { MIGRATIONS } from './migrations';
import { appendEntry } from './append-entry';
import { loadAttempt } from './attempts';
import { markAttempt } from './marks';
import { passOn } from './outcome';
import { setTimeZone } from './shop';
import { emptyDatabase, freshDatabase, GOOD_FORM, sentEntry, testClass } from './test/fresh-database';
import { createExercise, discardExercise, handOut, saveDraft } from './exercises';
import { endSession, openSession } from './sessions';

const APPLICATION_URL = process.env.OYAKATA_APPLICATION_URL ?? '';

beforeEach(() => freshDatabase('oyakata_migrate'));
afterAll(closeDatabase);

/** The tables as migrations leave them. */
async function shape(): Promise<unknown> {
  const [rows] = await database().sequelize.query(
    `SELECT table_name, column_name, column_type, is_nullable, column_key FROM information_schema.columns
     WHERE table_schema = DATABASE() ORDER BY table_name, ordinal_position`,
  );
  const [triggers] = await database().sequelize.query(
    'SELECT trigger_name, event_manipulation FROM information_schema.triggers WHERE trigger_schema = DATABASE() ORDER BY 1',
  );
  return { rows, triggers };
}

test('a migration that was cut anywhere goes on, and ends in the same tables', async () => {
  const whole = await shape();
  await emptyDatabase('oyakata_migrate');
  // Cut after the step was done and before it was noted: the worst moment, for each step.
  for (const [index, { name }] of MIGRATIONS.entries()) {
    const until = MIGRATIONS.slice(0, index + 1);
    expect(await migrate(until)).toEqual([name]);
    await database().sequelize.query('DELETE FROM migrations WHERE name = ?', { replacements: [name] });
    expect(await pendingMigrations(until)).toEqual([name]);
    expect(await migrate(until)).toEqual([name]);
  }
  expect(await shape()).toEqual(whole);
});

test('a first start that was cut in the midst of the first tables goes on', async () => {
  const whole = await shape();
  await emptyDatabase('oyakata_migrate');
  const [first] = MIGRATIONS;
  await migrate([first!]);
  await database().sequelize.query('DROP TABLE marks, entries, attempts');
  await database().sequelize.query('DELETE FROM migrations');
  await migrate();
  expect(await shape()).toEqual(whole);
});

test('two migrations at one moment do it once', async () => {
  await database().sequelize.query("DELETE FROM migrations WHERE name LIKE '0002%'");
  const done = await Promise.all([migrate(), migrate()]);
  expect(done.map((names) => names.length).sort()).toEqual([0, 2]);
});

test('a database of a later release is refused by name', async () => {
  await database().sequelize.query("INSERT INTO migrations (name) VALUES ('0042-later')");
  for (const ask of [migrate, pendingMigrations])
    await expect(ask()).rejects.toThrow('newer than this release: it holds “0042-later”');
});

describe('the user of the application', () => {
  /** Runs as the application's user, on the same database. */
  async function asApplication<T>(run: () => Promise<T>): Promise<T> {
    const owner = process.env.OYAKATA_DATABASE_URL;
    const url = APPLICATION_URL.replace(/[^/]*$/, 'oyakata_migrate');
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

  test('may do what the application does', async () => {
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
    "INSERT INTO people (name, role) VALUES ('x', 'instructor')",
    'UPDATE exercises SET class_id = 1',
    'UPDATE sessions SET person_id = 1',
    'UPDATE attempts SET student_id = 1',
    'DELETE FROM migrations',
    'SELECT * FROM mysql.user',
  ])('may not: %s', async (sql) => {
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
});
