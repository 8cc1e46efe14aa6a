import 'server-only';
import type { ReactNode } from 'react';
import { Providers } from '@/ui/shell/providers';
import { shopAsKnown } from './shop-as-known';

/** What every page but the bench shares: the shop's time and words, inch or mm, short notices. */
export async function ShopLayout({ children }: { children: ReactNode }) {
  const { timeZone, words } = await shopAsKnown();
  return (
    <Providers timeZone={timeZone} words={words}>
      {children}
    </Providers>
  );
}
