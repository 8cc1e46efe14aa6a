import 'server-only';
import { USUAL_WORDS } from '@/core/machine/shop/words';
import { shopOf, type Shop } from '@/data/shop';

const KEPT_MS = 30_000;
const shared = globalThis as typeof globalThis & { oyakataShop?: { shop: Shop; at: number } };

/** The shop's time zone and words for a page; without the database what was known last, else UTC and the usual words. */
export async function shopAsKnown(): Promise<Shop> {
  const known = shared.oyakataShop;
  if (known !== undefined && Date.now() - known.at < KEPT_MS) return known.shop;
  try {
    const shop = await shopOf();
    shared.oyakataShop = { shop, at: Date.now() };
    return shop;
  } catch {
    return known?.shop ?? { timeZone: 'UTC', words: USUAL_WORDS, idleMinutes: 30, secondFactor: false };
  }
}

/** After the shop was changed: the next page reads it anew. */
export function forgetShop(): void {
  delete shared.oyakataShop;
}
