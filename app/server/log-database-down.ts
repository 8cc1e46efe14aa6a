import 'server-only';
import { log } from '@/data/log';

const EVERY_MS = 10_000;
const shared = globalThis as typeof globalThis & { oyakataDownLogged?: { at: number; since: number } };

/** Says that the database is not reachable, in one short line and not oftener than every ten seconds. */
export function logDatabaseDown(error: unknown): void {
  const now = Date.now();
  const last = (shared.oyakataDownLogged ??= { at: 0, since: 0 });
  last.since += 1;
  if (now - last.at < EVERY_MS) return;
  const reason = error instanceof Error ? error.message.slice(0, 200) : String(error).slice(0, 200);
  log.error({ reason, requests: last.since }, 'database not reachable');
  Object.assign(last, { at: now, since: 0 });
}
