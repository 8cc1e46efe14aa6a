import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import '@fontsource/barlow/latin-400.css';
import '@fontsource/barlow/latin-500.css';
import '@fontsource/barlow/latin-600.css';
import '@fontsource/barlow-condensed/latin-500.css';
import '@fontsource/barlow-condensed/latin-600.css';
import '@fontsource/spline-sans-mono/latin-400.css';
import '@fontsource/spline-sans-mono/latin-500.css';
import './globals.css';
import { shopAsKnown } from '@/app/server/shop-as-known';
import { Providers } from '@/ui/shell/providers';

export const metadata: Metadata = {
  title: { default: 'Oyakata', template: '%s · Oyakata' },
  description: 'Plan, hand out, record and mark single-point threading exercises on the manual lathe.',
};

/** Every page is made for its request: its scripts carry that answer's nonce (door/security-headers.ts). */
export const dynamic = 'force-dynamic';

export default async function RootLayout({ children }: { children: ReactNode }) {
  const { timeZone, words } = await shopAsKnown();
  return (
    <html lang="en">
      <body>
        <Providers timeZone={timeZone} words={words}>
          {children}
        </Providers>
      </body>
    </html>
  );
}
