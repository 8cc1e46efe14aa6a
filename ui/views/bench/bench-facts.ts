import type { BenchHome } from '@/core/exercise/board/bench-home';
import type { ShopWords } from '@/core/machine/shop/words-document';

/** The home with what the shop's pages share; the bench remembers both. */
export interface BenchFacts extends BenchHome {
  shop: { timeZone: string; words: ShopWords };
}
