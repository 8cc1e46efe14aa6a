import 'server-only';
import { subDays } from 'date-fns/subDays';
import { GRANT_DAYS } from './device-grants';
import { change } from './query';
import { IDLE_DAYS } from './sessions';

/** Rows that are over are kept for this long, so that it can still be asked what happened. */
const KEPT_DAYS = 7;
/** The most rows of each table that are taken out at a time, so that nobody has to wait for it. */
const AT_ONCE = 500;

/** Takes out sessions, grants of devices and one-time codes that are over: nobody can use them any more. */
export async function clearOver(now = new Date()): Promise<void> {
  const ended = subDays(now, KEPT_DAYS);
  await change(`DELETE FROM sessions WHERE ended_at < ? OR seen_at < ? LIMIT ${AT_ONCE}`, [
    ended,
    subDays(now, IDLE_DAYS + KEPT_DAYS),
  ]);
  await change(`DELETE FROM device_grants WHERE ended_at < ? OR granted_at < ? LIMIT ${AT_ONCE}`, [
    ended,
    subDays(now, GRANT_DAYS + KEPT_DAYS),
  ]);
  await change(`DELETE FROM one_time_codes WHERE used_at < ? OR expires_at < ? LIMIT ${AT_ONCE}`, [
    ended,
    ended,
  ]);
}
