'use client';

import { useSyncExternalStore } from 'react';

/** Whether the server answers, as every request of this page finds it. */
export interface Touch {
  /** Since when it does not, in milliseconds; null while all is well. */
  since: number | null;
  /** What is wrong, in words. Whether it is well, `since` says: a server may fail without a word. */
  reason: string;
}

const WELL: Touch = { since: null, reason: '' };
let touch: Touch = WELL;
const listeners = new Set<() => void>();

/** Notes what a request found: null when the server answered, else what was wrong. */
export function noteTouch(reason: string | null): void {
  if (reason === null ? touch.since === null : touch.since !== null && touch.reason === reason) return;
  touch = reason === null ? WELL : { since: touch.since ?? Date.now(), reason };
  listeners.forEach((listener) => listener());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function useTouch(): Touch {
  return useSyncExternalStore(
    subscribe,
    () => touch,
    () => WELL,
  );
}
