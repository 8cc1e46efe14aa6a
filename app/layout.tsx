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

export const metadata: Metadata = {
  title: { default: 'Oyakata', template: '%s · Oyakata' },
  description: 'Plan, hand out, record and mark single-point threading exercises on the manual lathe.',
};

/** Every page is made for its request: its scripts carry that answer's nonce (door/security-headers.ts). */
export const dynamic = 'force-dynamic';

/** Nothing but the frame: the bench has to be light. What the other pages share stands in their own layout. */
export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>{children}</body>
    </html>
  );
}
