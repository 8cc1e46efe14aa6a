import 'server-only';
import { subDays } from 'date-fns/subDays';
import { GRANT_DAYS } from './device-grants';
import { change } from './query';
import { IDLE_DAYS } from './sessions';

/** What is over is kept for so long, for whoever asks what was. */
const KEPT_DAYS = 7;
/** At most so many rows of each at a time: nobody waits for it. */
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
