import * as mariadb from 'mariadb';

/** The driver itself gives up after one second, which a busy machine needs for a socket. */
const CONNECT_MS = 15_000;

/**
 * The MariaDB driver as Sequelize 6 expects it. Driver 3 makes `meta` of a result a fixed property, and Sequelize
 * deletes it; results are copied so that it can.
 */
export const mariadbDriver = {
  ...mariadb,
  async createConnection(config: mariadb.ConnectionConfig) {
    const connection = await mariadb.createConnection({
      ...config,
      connectTimeout: config.connectTimeout ?? CONNECT_MS,
    });
    const query = connection.query.bind(connection) as (sql: unknown, values?: unknown) => Promise<unknown>;
    const loose = connection as unknown as { query: (sql: unknown, values?: unknown) => Promise<unknown> };
    loose.query = async (sql, values) => looseMeta(await query(sql, values));
    return connection;
  },
};

function looseMeta(result: unknown): unknown {
  if (!Array.isArray(result)) return result;
  const copy = [...(result as unknown[])];
  const meta = (result as unknown as { meta?: unknown }).meta;
  Object.defineProperty(copy, 'meta', { value: meta, writable: true, configurable: true, enumerable: false });
  return copy;
}
