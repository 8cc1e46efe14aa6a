'use client';

import { useCallback, useEffect, useRef } from 'react';

/** Runs something once, so long after it was first asked for: what is asked meanwhile is done with it. */
export function useDelayed(run: () => void, afterMs: number): () => void {
  const latest = useRef(run);
  const timer = useRef<number | null>(null);
  useEffect(() => {
    latest.current = run;
  });
  useEffect(
    () => () => {
      if (timer.current !== null) window.clearTimeout(timer.current);
    },
    [],
  );
  return useCallback(() => {
    timer.current ??= window.setTimeout(() => {
      timer.current = null;
      latest.current();
    }, afterMs);
  }, [afterMs]);
}
