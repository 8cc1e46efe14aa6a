import 'server-only';
import type { ReactNode } from 'react';
import { watchEarlyInput } from '@/ui/shell/early-input';
import { Providers } from '@/ui/shell/providers';
import { pageNonce } from './page-nonce';
import { shopAsKnown } from './shop-as-known';

/** What every page but the bench shares: the shop's time and words, inch or mm, short notices, and what was typed early. */
export async function ShopLayout({ children }: { children: ReactNode }) {
  const { timeZone, words } = await shopAsKnown();
  return (
    <>
      <script
        nonce={await pageNonce()}
        suppressHydrationWarning
        dangerouslySetInnerHTML={{ __html: `(${watchEarlyInput.toString()})()` }}
      />
      <Providers timeZone={timeZone} words={words}>
        {children}
      </Providers>
    </>
  );
}
