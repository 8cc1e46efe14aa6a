'use client';

import { Toast } from 'radix-ui';
import { StandingMark } from './state-mark';
import type { ToastText } from './toast';

/** What was said in passing, until it is read: it waits while the pointer or the keyboard is on it. */
export default function ToastList({
  toasts,
  onGone,
}: {
  toasts: readonly ToastText[];
  onGone: (id: number) => void;
}) {
  return (
    <Toast.Provider duration={6000} label="Message">
      {toasts.map((toast) => (
        <Toast.Root
          key={toast.id}
          onOpenChange={(open) => !open && onGone(toast.id)}
          className="flex items-center gap-3 border-l-4 border-brass-bright bg-dye-deep px-4 py-3 text-scribe shadow-lg"
        >
          <StandingMark standing={toast.standing} onDye />
          <Toast.Description className="grow">{toast.text}</Toast.Description>
          <Toast.Close className="underline">Close</Toast.Close>
        </Toast.Root>
      ))}
      <Toast.Viewport className="fixed right-4 bottom-4 z-[60] grid w-96 max-w-[92vw] gap-2" />
    </Toast.Provider>
  );
}
