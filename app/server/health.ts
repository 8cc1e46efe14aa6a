import 'server-only';
import { statfs } from 'node:fs/promises';
import { database } from '@/data/database';
import { logDatabaseDown } from './log-database-down';

export interface Health {
  status: 'ok' | 'failing';
  database: 'ok' | 'not reachable' | 'no answer';
  disk: 'ok' | 'full' | 'unknown';
}

/** A database that hangs must not hang the answer. */
const PATIENCE_MS = 3000;
/** Under this the database can soon not grow its files; a class's term needs some 50 MB. */
const LEAST_FREE_BYTES = 20_000_000;

/** How application, database and disk are. */
export async function health(): Promise<Health> {
  const [base, disk] = await Promise.all([databaseHealth(), diskHealth()]);
  return { status: base === 'ok' && disk !== 'full' ? 'ok' : 'failing', database: base, disk };
}

async function databaseHealth(): Promise<Health['database']> {
  const asked = database()
    .sequelize.query('SELECT 1')
    .then(
      () => 'ok' as const,
      (error: unknown) => {
        logDatabaseDown(error);
        return 'not reachable' as const;
      },
    );
  let timer: NodeJS.Timeout | undefined;
  const patience = new Promise<'no answer'>((resolve) => {
    timer = setTimeout(() => resolve('no answer'), PATIENCE_MS);
  });
  return Promise.race([asked, patience]).finally(() => clearTimeout(timer));
}

/** Free space where the database lies; unknown when the state is on another machine. */
export async function diskHealth(folder = process.env.OYAKATA_STATE): Promise<Health['disk']> {
  if (folder === undefined) return 'unknown';
  try {
    const { bavail, bsize } = await statfs(folder);
    return bavail * bsize < LEAST_FREE_BYTES ? 'full' : 'ok';
  } catch {
    return 'unknown';
  }
}
