'use client';

import {
  createContext,
  useCallback,
  useContext,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';

/**
 * What is typed into a form that is sent as a whole, kept in the tab until it is sent: a page that is lost to the
 * browser's error page, a reload or a step back loses nothing. Without storage it lasts as long as the page.
 */
const Scope = createContext('');
const listeners = new Set<() => void>();
const fallback = new Map<string, string>();

/** Everything kept below belongs to one thing, such as `attempt-7`. */
export function KeptUnder({ name, children }: { name: string; children: ReactNode }) {
  return <Scope.Provider value={name}>{children}</Scope.Provider>;
}

/** State that is kept under a name within its scope. Setting it back to the first value forgets it. */
export function useKept<T>(name: string, initial: T): [T, (next: T) => void] {
  const key = `oyakata-typed-${useContext(Scope)}-${name}`;
  const [first] = useState(initial);
  const raw = useSyncExternalStore(
    subscribe,
    () => read(key),
    () => null,
  );
  const value = useMemo(() => parse(raw, first), [raw, first]);
  const set = useCallback(
    (next: T) => write(key, JSON.stringify(next) === JSON.stringify(first) ? null : JSON.stringify(next)),
    [key, first],
  );
  return [value, set];
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function read(key: string): string | null {
  try {
    return window.sessionStorage.getItem(key);
  } catch {
    return fallback.get(key) ?? null;
  }
}

function write(key: string, text: string | null): void {
  try {
    if (text === null) window.sessionStorage.removeItem(key);
    else window.sessionStorage.setItem(key, text);
  } catch {
    if (text === null) fallback.delete(key);
    else fallback.set(key, text);
  }
  listeners.forEach((listener) => listener());
}

/** What another release kept may have another shape: then it is as if nothing were kept. */
function parse<T>(raw: string | null, initial: T): T {
  if (raw === null) return initial;
  try {
    const value = JSON.parse(raw) as unknown;
    if (typeof value !== typeof initial || value === null) return initial;
    return typeof initial === 'object' ? { ...initial, ...value } : (value as T);
  } catch {
    return initial;
  }
}
