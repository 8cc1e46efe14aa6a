import 'server-only';
import { QueryTypes, type QueryInterface } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './database';
import { MIGRATIONS, type MigrationStep } from './migrations';
import { refuseVersion1 } from './migrations/version-1';
import { refuseServer } from './server-fit';
import { UnfitDatabase } from './unfit-database';

/** Seconds that a second migration waits for the first, on another machine for example. */
const WAIT_SECONDS = 60;

/**
 * Brings the database's tables up to date; returns the names of the steps it ran.
 * @throws UnfitDatabase when the server is too old, or its tables were made by a later release
 */
export async function migrate(steps: readonly MigrationStep[] = MIGRATIONS): Promise<string[]> {
  await checkServer();
  // A named lock belongs to a connection, and a transaction keeps one.
  return database().sequelize.transaction(async (transaction) => {
    const [lock] = await database().sequelize.query<{ got: number | null }>(
      `SELECT GET_LOCK('oyakata migration', ${WAIT_SECONDS}) AS got`,
      { type: QueryTypes.SELECT, transaction },
    );
    if (lock?.got !== 1)
      throw new UnfitDatabase(
        'Another migration of this database is under way. Wait for it, then start again.',
      );
    try {
      await refuseLater(steps);
      await refuseVersion1(database().sequelize.getQueryInterface());
      return (await umzugOf(steps).up()).map(({ name }) => name);
    } finally {
      await database().sequelize.query("SELECT RELEASE_LOCK('oyakata migration')", {
        type: QueryTypes.SELECT,
        transaction,
      });
    }
  });
}

/** The steps that `migrate` would run. @throws UnfitDatabase as `migrate` does */
export async function pendingMigrations(steps: readonly MigrationStep[] = MIGRATIONS): Promise<string[]> {
  await checkServer();
  await refuseLater(steps);
  await refuseVersion1(database().sequelize.getQueryInterface());
  return (await umzugOf(steps).pending()).map(({ name }) => name);
}

function storage(): SequelizeStorage {
  return new SequelizeStorage({ sequelize: database().sequelize, tableName: 'migrations' });
}

function umzugOf(steps: readonly MigrationStep[]): Umzug<QueryInterface> {
  return new Umzug({
    migrations: steps.map(({ name, up }) => ({
      name,
      up: async ({ context }: { context: QueryInterface }) => void (await up(context)),
    })),
    context: database().sequelize.getQueryInterface(),
    storage: storage(),
    logger: undefined,
  });
}

async function refuseLater(steps: readonly MigrationStep[]): Promise<void> {
  const known = new Set(steps.map(({ name }) => name));
  const later = (await storage().executed()).filter((name) => !known.has(name));
  if (later.length === 0) return;
  throw new UnfitDatabase(
    `The database is newer than this release: it holds “${later.at(-1)}”, this release knows up to “${steps.at(-1)?.name}”. ` +
      'Update the program, or restore a backup that was made before.',
  );
}

async function checkServer(): Promise<void> {
  const { sequelize } = database();
  const [version] = await sequelize.query<{ version: string }>('SELECT VERSION() AS version', {
    type: QueryTypes.SELECT,
  });
  const engines = await sequelize.query<{ ENGINE: string; SUPPORT: string }>(
    'SELECT ENGINE, SUPPORT FROM information_schema.ENGINES',
    { type: QueryTypes.SELECT },
  );
  const refused = refuseServer(
    version?.version ?? '',
    engines.filter(({ SUPPORT }) => SUPPORT === 'YES' || SUPPORT === 'DEFAULT').map(({ ENGINE }) => ENGINE),
  );
  if (refused !== null) throw new UnfitDatabase(refused);
}
