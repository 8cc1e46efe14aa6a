import { database } from '@/data/database';
import { log } from '@/data/log';

export const dynamic = 'force-dynamic';

/** 200 when application and database answer, 503 when the database does not. */
export async function GET(): Promise<Response> {
  try {
    await database().sequelize.query('SELECT 1');
    return Response.json({ status: 'ok', database: 'ok' });
  } catch (error) {
    log.error({ err: error }, 'health: database not reachable');
    return Response.json({ status: 'failing', database: 'not reachable' }, { status: 503 });
  }
}
