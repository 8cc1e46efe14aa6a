import 'server-only';
import { shopOf } from '@/data/shop';

const KEPT_MS = 30_000;
const shared = globalThis as typeof globalThis & { oyakataZone?: { zone: string; at: number } };

/** The shop's time zone for the page; without the database what was known last, else UTC. */
export async function shopTimeZone(): Promise<string> {
  const known = shared.oyakataZone;
  if (known !== undefined && Date.now() - known.at < KEPT_MS) return known.zone;
  try {
    const { timeZone } = await shopOf();
    shared.oyakataZone = { zone: timeZone, at: Date.now() };
    return timeZone;
  } catch {
    return known?.zone ?? 'UTC';
  }
}
