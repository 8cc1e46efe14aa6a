'use client';

import type { ReactNode } from 'react';
import { ToastProvider } from '../kit/toast';
import { DisplayUnitProvider } from '../units/display-unit';

export function Providers({ children }: { children: ReactNode }) {
  return (
    <DisplayUnitProvider>
      <ToastProvider>{children}</ToastProvider>
    </DisplayUnitProvider>
  );
}
