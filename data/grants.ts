import 'server-only';
import { QueryTypes, Sequelize } from 'sequelize';
import { database } from './database';
import { mariadbDriver } from './mariadb-driver';

/** What the running application may do to each table, beyond reading it. What is not listed is refused by the database. */
export const APPLICATION_MAY: Readonly<Record<string, string>> = {
  migrations: '',
  people: 'INSERT, UPDATE (name, codes_given)',
  classes: 'INSERT, UPDATE (name, code, archived_at, roster_version)',
  memberships: 'INSERT, UPDATE (archived_at)',
  credentials: 'INSERT, DELETE',
  one_time_codes: 'INSERT, DELETE, UPDATE (used_at)',
  failed_tries: 'INSERT, DELETE',
  known_browsers: 'INSERT, DELETE',
  second_factors: 'INSERT, DELETE, UPDATE (confirmed_at, last_step)',
  shop: 'UPDATE (time_zone, words, idle_minutes, second_factor)',
  shop_items: 'INSERT, UPDATE (archived_at)',
  shop_revisions: 'INSERT',
  exercises:
    'INSERT, DELETE, UPDATE (draft, draft_version, draft_save_id, updated_at, title, thread, revision)',
  revisions: 'INSERT',
  schemes: 'INSERT',
  sheets: 'INSERT',
  hand_outs: 'INSERT',
  hand_out_sheets: 'INSERT',
  attempts: 'INSERT',
  attempt_summaries:
    'INSERT, UPDATE (deriver, sheet_id, state, lathe_name, passes_cut, step_title, entries, last_entry_at, waits_for, final_size, points, passed, decision, floor, phase, next_at_bench, version)',
  entries: 'INSERT',
  texts: 'INSERT',
  refused_entries: 'INSERT',
  mark_decisions: 'INSERT',
  fault_puzzles: 'INSERT',
  fault_answers: 'INSERT',
  sessions: 'INSERT, DELETE, UPDATE (seen_at, ended_at)',
  device_grants: 'INSERT, DELETE, UPDATE (ended_at, sent_at)',
  book_keys: '',
  bench_devices: 'INSERT, DELETE',
};

/** The statements that give a user just that. @param account quoted, such as `'oyakata'@'127.0.0.1'` */
function grantStatements(account: string, schema: string): string[] {
  return Object.entries(APPLICATION_MAY).map(
    ([table, more]) =>
      `GRANT SELECT${more === '' ? '' : `, ${more}`} ON \`${schema}\`.\`${table}\` TO ${account}`,
  );
}

export type Granted =
  | { done: true }
  /** One user for everything: the database can not hold the application back. */
  | { done: false; why: 'one-user' }
  /** The user of migrations may not grant: an administrator runs the statements once. */
  | { done: false; why: 'may-not-grant'; statements: string[] };

/**
 * Takes everything from the application's user and gives it what APPLICATION_MAY says. Runs as the user of migrations.
 * @param applicationUrl the URL with which the application will connect
 */
export async function grantApplication(applicationUrl: string): Promise<Granted> {
  const { sequelize } = database();
  const own = await accountOf(sequelize);
  // Without the database's name: before the first grant this user may not even enter it.
  const server = applicationUrl.replace(/^mysql:/, 'mariadb:').replace(/\/[^/]*$/, '/');
  const application = new Sequelize(server, {
    dialect: 'mariadb',
    dialectModule: mariadbDriver,
    logging: false,
  });
  let other: string;
  try {
    other = (await accountOf(application)).account;
  } finally {
    await application.close();
  }
  if (own.account === other) return { done: false, why: 'one-user' };
  const quoted = other.replace(/^(.*)@(.*)$/, "'$1'@'$2'");
  const statements = grantStatements(quoted, own.schema);
  try {
    // Granted anew as a whole, so that what an earlier release allowed does not stay.
    const places = ['*', ...Object.keys(APPLICATION_MAY).map((table) => `\`${table}\``)];
    for (const place of places) await revoke(sequelize, `\`${own.schema}\`.${place}`, quoted);
    for (const statement of statements) await sequelize.query(statement);
    return { done: true };
  } catch {
    return { done: false, why: 'may-not-grant', statements };
  }
}

async function accountOf(sequelize: Sequelize): Promise<{ account: string; schema: string }> {
  const [row] = await sequelize.query<{ account: string; name: string }>(
    'SELECT CURRENT_USER() AS account, DATABASE() AS name',
    { type: QueryTypes.SELECT },
  );
  if (row === undefined) throw new Error('The database does not say who is connected.');
  return { account: row.account, schema: row.name };
}

/** MariaDB: 1141 and 1147 say that there was nothing to take back. */
const NOTHING_THERE: readonly unknown[] = [1141, 1147];

async function revoke(sequelize: Sequelize, place: string, quoted: string): Promise<void> {
  await sequelize.query(`REVOKE ALL PRIVILEGES ON ${place} FROM ${quoted}`).catch((error: unknown) => {
    const { errno } = (error as { original?: { errno?: number } }).original ?? {};
    if (!NOTHING_THERE.includes(errno)) throw error;
  });
}
