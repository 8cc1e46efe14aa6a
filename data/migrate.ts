import 'server-only';
import { SequelizeStorage, Umzug } from 'umzug';
import { database } from './database';
import { MIGRATIONS } from './migrations';

/** Brings the database's tables up to date; returns the names of what it ran. */
export async function migrate(): Promise<string[]> {
  const { sequelize } = database();
  const umzug = new Umzug({
    migrations: Object.entries(MIGRATIONS).map(([name, migration]) => ({ name, ...run(migration) })),
    context: sequelize.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize, tableName: 'migrations' }),
    logger: undefined,
  });
  const done = await umzug.up();
  return done.map(({ name }) => name);
}

function run({ up, down }: (typeof MIGRATIONS)[string]) {
  type Params = { context: Parameters<typeof up>[0] };
  return { up: ({ context }: Params) => up(context), down: ({ context }: Params) => down(context) };
}
