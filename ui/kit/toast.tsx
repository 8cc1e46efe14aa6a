'use client';

import {
  createContext,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useState,
  type ComponentType,
  type ReactNode,
} from 'react';
import { atFirstTouch } from './first-touch';
import { later } from './later';

export interface ToastText {
  id: number;
  text: string;
  standing: 'good' | 'bad';
}

interface ListProps {
  toasts: readonly ToastText[];
  onGone: (id: number) => void;
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
  const isFetched = list.useIt() !== null;
  return (
    <Say.Provider value={useMemo(() => say, [say])}>
      {children}
      {isFetched ? <Fetched toasts={toasts} onGone={drop} /> : <PlainList toasts={toasts} onGone={drop} />}
    </Say.Provider>
  );
}

/** Comes at the first touch. Where it can not be had the words stand there plainly: nothing stays unsaid. */
let Fetched: ComponentType<ListProps> = PlainList;
const list = later<true>();
atFirstTouch(
  () =>
    void import('./toast-list').then(
      (module) => {
        Fetched = module.default;
        list.came(true);
      },
      () => undefined,
    ),
);

function PlainList({ toasts, onGone }: ListProps) {
  const last = toasts.at(-1);
  useEffect(() => {
    if (last === undefined) return undefined;
    const timer = window.setTimeout(() => onGone(last.id), 6000);
    return () => window.clearTimeout(timer);
  }, [last, onGone]);
  if (last === undefined) return null;
  return (
    <p
      role="status"
      className="fixed right-4 bottom-4 z-[60] w-96 max-w-[92vw] border-l-4 border-brass-bright bg-dye-deep px-4 py-3 text-scribe shadow-lg"
    >
      {last.text}
    </p>
  );
}
