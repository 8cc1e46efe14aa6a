import { closeDatabase, database } from './database';
import { migrate, pendingMigrations } from './migrate';
import { MIGRATIONS } from './migrations';
import { emptyDatabase, freshDatabase } from './test/fresh-database';

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

describe('a book of version 1', () => {
  const before3 = MIGRATIONS.filter(({ name }) => name < '0003');
  const run = (sql: string) => database().sequelize.query(sql);
  beforeEach(async () => {
    await emptyDatabase('oyakata_migrate');
    await migrate(before3);
    await run("INSERT INTO people (id, name, role) VALUES (1, 'Instructor', 'instructor')");
    await run("INSERT INTO classes (id, name, instructor_id) VALUES (1, 'Class', 1)");
  });
  const exercise = () =>
    run(
      "INSERT INTO exercises (id, class_id, draft, draft_version, created_at, updated_at) VALUES (1, 1, '{}', 0, NOW(3), NOW(3))",
    );

  test.each([
    ['with a plan handed out', true, '1 plans handed out, 0 drafts'],
    ['with a draft only', false, '0 plans handed out, 1 drafts'],
  ])(
    '%s is refused by name, with the release that lifts it, before anything is changed',
    async (_, issued, says) => {
      await exercise();
      if (issued)
        await run(
          "INSERT INTO revisions (exercise_id, number, plan, issued_by_id, issued_at) VALUES (1, 1, '{}', 1, NOW(3))",
        );
      const was = await shape();
      for (const ask of [migrate, pendingMigrations]) {
        await expect(ask()).rejects.toThrow(says);
        await expect(ask()).rejects.toThrow('with release 0.1');
      }
      expect(await shape()).toEqual(was);
    },
  );

  test('without an exercise goes on: its people and classes are kept', async () => {
    await migrate();
    expect((await run('SELECT name FROM people'))[0]).toEqual([{ name: 'Instructor' }]);
    expect((await run('SELECT person_id, role FROM memberships'))[0]).toEqual([
      { person_id: 1, role: 'instructor' },
    ]);
  });
});

test('every step keeps its name: 51 of before, and those since', () => {
  const names = MIGRATIONS.map(({ name }) => name);
  expect(new Set(names).size).toBe(names.length);
  expect(names.filter((name) => name < '0009')).toHaveLength(51);
});
