import 'server-only';
import { QueryTypes, type Transaction } from 'sequelize';
import { database } from './database';
import { APPLICATION_MAY } from './grants';
import { migrate } from './migrate';
import { MIGRATIONS, type MigrationStep } from './migrations';
import { rowsOf } from './query';
import { UnfitDatabase } from './unfit-database';

/** How many rows a table had before and after the backup was made. */
export type Counted = ReadonlyMap<string, { before: number; after: number }>;

/**
 * Fills the schema that the database's URL names with the book that lies in another one, and with nothing else: the
 * tables are made by this program as they were when the backup was, and only rows are taken over. A backup is data:
 * whatever else stood in its file stays behind. Doing it again begins anew.
 *
 * @param from schema into which the file was loaded
 * @param counted what the file says it holds; tables of which it says nothing are not compared
 * @returns rows by table, as they are there now
 * @throws UnfitDatabase when it is no whole book of a release that is known here
 */
export async function replaceBook(from: string, counted: Counted = new Map()): Promise<Map<string, number>> {
  const steps = await stepsOf(from);
  const own = await ownSchema();
  await endOthersAtWork(own);
  await emptySchema(own);
  await migrate(steps);
  const expected = (await tablesOf(own)).filter((table) => table !== 'migrations');
  const there = await tablesOf(from);
  refuseUnknown(there, expected);
  const rows = new Map<string, number>();
  await database().sequelize.transaction(async (transaction) => {
    const run = (sql: string) => database().sequelize.query(sql, { transaction });
    await run('SET SESSION FOREIGN_KEY_CHECKS = 0');
    for (const table of expected) {
      const columns = await columnsOf(own, table, transaction);
      const found = new Set(await columnsOf(from, table, transaction));
      const missing = columns.filter((column) => !found.has(column));
      if (missing.length > 0) throw notWhole(`its table ${table} has no ${missing.join(', ')}`);
      const list = columns.map((column) => `\`${column}\``).join(', ');
      // Some rows are made with their table.
      await run(`TRUNCATE TABLE \`${own}\`.\`${table}\``);
      await run(`INSERT INTO \`${own}\`.\`${table}\` (${list}) SELECT ${list} FROM \`${from}\`.\`${table}\``);
      rows.set(table, await countOf(own, table, transaction));
    }
    await run('SET SESSION FOREIGN_KEY_CHECKS = 1');
  });
  refuseCounts(rows, counted);
  await migrate();
  await endWhatWasOpen();
  return rows;
}

const notWhole = (why: string) => new UnfitDatabase(`This backup is no whole book: ${why}.`);

/** The migrations that the book had, which must be those of this program from the first on. */
async function stepsOf(schema: string): Promise<readonly MigrationStep[]> {
  if (!(await tablesOf(schema)).includes('migrations')) throw notWhole('it holds no tables of one');
  const rows = await rowsOf<{ name: string }>(`SELECT name FROM \`${schema}\`.migrations`);
  const names = new Set(rows.map(({ name }) => name));
  const steps = MIGRATIONS.slice(0, names.size);
  if (steps.length === 0) throw notWhole('it holds no tables of one');
  if (steps.some(({ name }) => !names.has(name)))
    throw notWhole('its tables were made in another order than those of any release');
  return steps;
}

function refuseUnknown(there: readonly string[], expected: readonly string[]): void {
  const missing = expected.filter((table) => !there.includes(table));
  if (missing.length > 0) throw notWhole(`it lacks ${missing.join(', ')}`);
  const more = there.filter((table) => table !== 'migrations' && !expected.includes(table));
  if (more.length > 0) throw notWhole(`it holds ${more.join(', ')}, which no release has made`);
}

/** Rows are only ever added to the tables from which the application may take none: so many at least, and at most. */
function refuseCounts(rows: ReadonlyMap<string, number>, counted: Counted): void {
  for (const [table, { before, after }] of counted) {
    const found = rows.get(table);
    if (found === undefined || (APPLICATION_MAY[table] ?? 'DELETE').includes('DELETE')) continue;
    if (found < before || found > after)
      throw notWhole(`${table} has ${found} rows, and had ${before} to ${after} when it was made`);
  }
}

async function ownSchema(): Promise<string> {
  const [row] = await rowsOf<{ name: string }>('SELECT DATABASE() AS name');
  if (row === undefined) throw new Error('The database does not say which it is.');
  return row.name;
}

/**
 * Ends what an earlier step of this program still does there. One that was cut off is gone, but the server goes on with
 * its last statement, and would make a table after all of them were dropped, or hold one.
 */
async function endOthersAtWork(schema: string): Promise<void> {
  for (let times = 0; times < 300; times += 1) {
    const others = await rowsOf<{ id: number }>(
      `SELECT id FROM information_schema.processlist
        WHERE db = ? AND user = SUBSTRING_INDEX(CURRENT_USER(), '@', 1) AND id <> CONNECTION_ID()`,
      [schema],
    );
    if (others.length === 0) return;
    // One that has ended by itself meanwhile is no longer known.
    for (const { id } of others)
      await database()
        .sequelize.query(`KILL ${id}`)
        .catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new UnfitDatabase('Something else still works on the book. Try again when it has ended.');
}

async function emptySchema(schema: string): Promise<void> {
  await database().sequelize.transaction(async (transaction) => {
    const run = (sql: string) => database().sequelize.query(sql, { transaction });
    await run('SET SESSION FOREIGN_KEY_CHECKS = 0');
    for (const table of await tablesOf(schema)) await run(`DROP TABLE \`${schema}\`.\`${table}\``);
    await run('SET SESSION FOREIGN_KEY_CHECKS = 1');
  });
}

/** Tables alone: what is a view is not there. */
async function tablesOf(schema: string): Promise<string[]> {
  const rows = await rowsOf<{ name: string }>(
    `SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ? AND table_type = 'BASE TABLE'
      ORDER BY table_name`,
    [schema],
  );
  return rows.map(({ name }) => name);
}

async function columnsOf(schema: string, table: string, transaction: Transaction): Promise<string[]> {
  const rows = await rowsOf<{ name: string }>(
    `SELECT column_name AS name FROM information_schema.columns WHERE table_schema = ? AND table_name = ?
      ORDER BY ordinal_position`,
    [schema, table],
    transaction,
  );
  return rows.map(({ name }) => name);
}

async function countOf(schema: string, table: string, transaction: Transaction): Promise<number> {
  const [row] = await database().sequelize.query<{ count: number }>(
    `SELECT COUNT(*) AS count FROM \`${schema}\`.\`${table}\``,
    { type: QueryTypes.SELECT, transaction },
  );
  return Number(row?.count ?? 0);
}

/** Whoever was signed in then is not now; what was revoked or used since does not live again. */
async function endWhatWasOpen(): Promise<void> {
  for (const table of ['sessions', 'device_grants', 'one_time_codes'])
    await database().sequelize.query(`DELETE FROM ${table}`);
}
