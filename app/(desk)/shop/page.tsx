import type { Metadata } from 'next';
import { loadShop } from '@/data/shop';
import { guardedPage } from '@/app/server/page-guard';
import { ShopView } from '@/ui/views/shop/shop-view';

export const metadata: Metadata = { title: 'Shop' };

/** The shop's lathes, its wires and its time zone; the instructor's. */
export default function ShopPage() {
  return guardedPage(loadShop, ({ shop, lathes, book }, who) => (
    <ShopView
      who={who}
      timeZone={shop.timeZone}
      words={shop.words}
      signInRules={{ idleMinutes: shop.idleMinutes, secondFactor: shop.secondFactor }}
      book={book}
      timeZones={Intl.supportedValuesOf('timeZone')}
      lathes={lathes.map(({ id, number, archived, document }) => ({ id, number, archived, lathe: document }))}
    />
  ));
}
