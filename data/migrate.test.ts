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
