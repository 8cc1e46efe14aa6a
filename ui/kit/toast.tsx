'use client';

import { Toast } from 'radix-ui';
import { createContext, useCallback, useContext, useMemo, useState, type ReactNode } from 'react';
import { StandingMark } from './state-mark';

interface ToastText {
  id: number;
  text: string;
  standing: 'good' | 'bad';
}

const Say = createContext<(text: string, standing?: 'good' | 'bad') => void>(() => undefined);

/** Says in passing that something was done, or failed. */
export function useToast() {
  return useContext(Say);
}

export function ToastProvider({ children }: { children: ReactNode }) {
  const [toasts, setToasts] = useState<ToastText[]>([]);
  const say = useCallback((text: string, standing: 'good' | 'bad' = 'good') => {
    setToasts((before) => [...before.slice(-2), { id: Date.now() + Math.random(), text, standing }]);
  }, []);
  const drop = useCallback(
    (id: number) => setToasts((before) => before.filter((toast) => toast.id !== id)),
    [],
  );
  return (
    <Say.Provider value={useMemo(() => say, [say])}>
      <Toast.Provider duration={6000} label="Message">
        {children}
        {toasts.map((toast) => (
          <Toast.Root
            key={toast.id}
            onOpenChange={(open) => !open && drop(toast.id)}
            className="flex items-center gap-3 border-l-4 border-brass-bright bg-dye-deep px-4 py-3 text-scribe shadow-lg"
          >
            <StandingMark standing={toast.standing} onDye />
            <Toast.Description className="grow">{toast.text}</Toast.Description>
            <Toast.Close className="underline">Close</Toast.Close>
          </Toast.Root>
        ))}
        <Toast.Viewport className="fixed right-4 bottom-4 z-[60] grid w-96 max-w-[92vw] gap-2" />
      </Toast.Provider>
    </Say.Provider>
  );
}
