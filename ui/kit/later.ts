import { useSyncExternalStore } from 'react';

/**
 * What comes later than the page. A page may be touched before its program listens, and this may come before it does: the
 * page begins without it all the same, as the server sent it. Else it would be made anew, and an early tick in it lost.
 */
export function later<T>() {
  let it: T | null = null;
  const listeners = new Set<() => void>();
  const subscribe = (listener: () => void) => {
    listeners.add(listener);
    return () => void listeners.delete(listener);
  };
  return {
    now: () => it,
    came: (what: T) => {
      it = what;
      listeners.forEach((listener) => listener());
    },
    /** Null until it has come. */
    useIt: () =>
      useSyncExternalStore(
        subscribe,
        () => it,
        () => null,
      ),
  };
}
