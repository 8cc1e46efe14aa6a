'use client';

import { setNonce } from 'get-nonce';
import { useEffect, type ReactNode } from 'react';
import { ToastProvider } from '../kit/toast';
import { DisplayUnitProvider } from '../units/display-unit';
import type { ShopWords } from '@/core/machine/shop/words-document';
import { tellEarlyInput } from './early-input';
import { ShopTimeProvider } from './shop-time';
import { ShopWordsProvider } from '@/ui/kit/shop-words';

/** The style sheet with which a dialog holds the page behind it still must carry the page's nonce. */
if (typeof document !== 'undefined') {
  const nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce;
  if (nonce !== undefined) setNonce(nonce);
}

export function Providers({
  timeZone,
  words,
  children,
}: {
  timeZone: string;
  words: ShopWords;
  children: ReactNode;
}) {
  // The fields within listen before this runs.
  useEffect(tellEarlyInput, []);
  return (
    <ShopTimeProvider zone={timeZone}>
      <ShopWordsProvider words={words}>
        <DisplayUnitProvider>
          <ToastProvider>{children}</ToastProvider>
        </DisplayUnitProvider>
      </ShopWordsProvider>
    </ShopTimeProvider>
  );
}
