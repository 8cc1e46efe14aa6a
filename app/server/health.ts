import 'server-only';
import { database } from '@/data/database';
import { diskHealth, type DiskHealth } from './disk-health';
import { logDatabaseDown } from './log-database-down';

export interface Health {
  status: 'ok' | 'failing';
  database: 'ok' | 'not reachable' | 'no answer';
  disk: DiskHealth;
}

/** A database that hangs must not hang the answer. */
const PATIENCE_MS = 3000;

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
