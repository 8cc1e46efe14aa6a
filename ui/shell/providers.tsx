'use client';

import { setNonce } from 'get-nonce';
import type { ReactNode } from 'react';
import { ToastProvider } from '../kit/toast';
import { DisplayUnitProvider } from '../units/display-unit';
import { ShopTimeProvider } from './shop-time';

/** The style sheet with which a dialog holds the page behind it still must carry the page's nonce. */
if (typeof document !== 'undefined') {
  const nonce = document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce;
  if (nonce !== undefined) setNonce(nonce);
}

export function Providers({ timeZone, children }: { timeZone: string; children: ReactNode }) {
  return (
    <ShopTimeProvider zone={timeZone}>
      <DisplayUnitProvider>
        <ToastProvider>{children}</ToastProvider>
      </DisplayUnitProvider>
    </ShopTimeProvider>
  );
}
